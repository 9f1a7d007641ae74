@use('App\Text\EyewearWords')
{{-- What happened to pairs at this event, newest first. --}}
<x-table class="stacks align-middle" :label="$isDestroyed ? __('Destroyed') : __('Out and back')">
    <x-slot:head>
        <th scope="col">{{ __('Lot') }}</th>
        <th scope="col">{{ $isDestroyed ? __('Tag and how') : __('What happened') }}</th>
        <th scope="col">{{ __('By whom') }}</th>
        <th scope="col"><span class="visually-hidden">{{ __('Take back') }}</span></th>
    </x-slot:head>
    @foreach ($entries as $entry)
        <tr>
            <th scope="row">{{ $entry->lot->label }}</th>
            <td data-label="{{ $isDestroyed ? __('Tag and how') : __('What happened') }}">
                @if ($isDestroyed) {{ $entry->tag }}, {{ $entry->how }} @else {{ $entry->pairs }} {{ EyewearWords::moves()[$entry->what->value] }}, {{ $entry->group?->name ?? __('nobody in particular') }} @endif
            </td>
            <td data-label="{{ __('By whom') }}">{{ $entry->mover->name }}, {{ App\Text\Days::inYear($frame->here->local($entry->moved_at)) }} {{ $frame->here->local($entry->moved_at)->format('H:i') }}</td>
            <td>
                @can('count', App\Models\Eyewear\Lot::class)
                    <form method="post" action="{{ route('eyewear.stock.take-back', [$frame->event, $entry]) }}">@csrf<button class="link-button">{{ __('Take back') }}<span class="visually-hidden"> {{ $entry->lot->label }} {{ $entry->tag }}</span></button></form>
                @endcan
            </td>
        </tr>
    @endforeach
</x-table>
