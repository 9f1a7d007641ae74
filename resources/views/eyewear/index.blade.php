@php use KeenShadow\Core\Rules\Level; use KeenShadow\Core\Eyewear\EyewearSubject; @endphp
<x-event-frame :frame="$frame" room="eyewear" :title="__('Glasses')">
    <p class="lead-answer">{{ __('Glasses') }}</p>
    <p class="note">{{ __('Three layers: the papers of each lot, a look through, and every pair before every use. A printed ISO or logo proves nothing. ISO 12312-2 is for the naked eye only, never for telescopes, binoculars or cameras.') }}</p>
    @can('create', App\Models\Eyewear\Lot::class)
        <p><a class="btn btn-primary" href="{{ route('eyewear.create', $frame->event) }}">{{ __('Add a lot') }}</a></p>
    @endcan
    <p><a href="{{ route('eyewear.measure', $frame->event) }}">{{ __('Light meter, shade numbers, how many to test, a mask for a telescope') }}</a></p>
    @include('eyewear.occasions')
    @if ($lots === [])
        <p>{{ __('A lot is glasses bought together from one batch. Enter its papers; the program says what they are worth, and then the pairs are inspected one by one.') }}</p>
    @else
        <x-table class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Lot') }}</th>
                <th scope="col">{{ __('Papers') }}</th>
                <th scope="col" class="is-number">{{ __('Pairs') }}</th>
                @foreach (Level::cases() as $level)
                    <th scope="col" class="is-number">{{ __(EyewearSubject::Pair->word($level)) }}</th>
                @endforeach
                <th scope="col" class="is-number">{{ __('Not inspected') }}</th>
            </x-slot:head>
            @foreach ($lots as $row)
                <tr>
                    <th scope="row"><a href="{{ route('eyewear.show', [$frame->event, $row->lot, 'occasion' => request()->query('occasion')]) }}">{{ $row->lot->label }}</a></th>
                    <td data-label="{{ __('Papers') }}"><x-verdict-tag :subject="EyewearSubject::Lot" :level="$row->verdict->level" :rule="$row->verdict->rule()" /></td>
                    <td data-label="{{ __('Pairs') }}" class="is-number">{{ $row->lot->pairs }}</td>
                    @foreach (Level::cases() as $level)
                        <td class="is-number" data-label="{{ __(EyewearSubject::Pair->word($level)) }}">{{ $row->count($level) }}</td>
                    @endforeach
                    <td data-label="{{ __('Not inspected') }}" class="is-number">{{ $row->unchecked() }}@if ($row->again) <span class="meaning">{{ __(':n again', ['n' => $row->again]) }}</span>@endif</td>
                </tr>
            @endforeach
        </x-table>
    @endif
</x-event-frame>
