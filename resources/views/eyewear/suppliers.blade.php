@use('App\Text\LotWords')
<x-event-frame :frame="$frame" room="eyewear" :title="__('Suppliers')">
    <x-eyewear-tabs :event="$frame->event" current="eyewear.suppliers" />
    <p class="lead-answer">{{ __('Suppliers') }}</p>
    <p class="note">{{ __('Your own register: whom you buy from, on what that stands, who checked it and when. A name or a large shop is no proof. What is changed here changes the verdict of every lot that came from them.') }}</p>
    @can('create', App\Models\Eyewear\Supplier::class)
        <p><a class="btn btn-primary" href="{{ route('eyewear.suppliers.create', $frame->event) }}">{{ __('Add a supplier') }}</a></p>
    @endcan
    @if ($suppliers->isEmpty())
        <p>{{ __('None yet. Ask a maker whom they supply, and write down what they answered.') }}</p>
    @else
        <x-table class="stacks" :label="__('Suppliers')">
            <x-slot:head>
                <th scope="col">{{ __('Supplier') }}</th>
                <th scope="col">{{ __('Judgement') }}</th>
                <th scope="col">{{ __('What it stands on') }}</th>
                <th scope="col">{{ __('Checked') }}</th>
                <th scope="col" class="is-number">{{ __('Lots') }}</th>
            </x-slot:head>
            @foreach ($suppliers as $supplier)
                <tr>
                    <th scope="row">@can('update', $supplier)<a href="{{ route('eyewear.suppliers.edit', [$frame->event, $supplier]) }}">{{ $supplier->name }}</a>@else{{ $supplier->name }}@endcan</th>
                    <td data-label="{{ __('Judgement') }}">{{ LotWords::answer($supplier->standing) }}</td>
                    <td data-label="{{ __('What it stands on') }}">{{ $supplier->evidence ?? '–' }}</td>
                    <td data-label="{{ __('Checked') }}">{{ $supplier->checked_by === null ? '–' : __(':who, :day', ['who' => $supplier->checked_by, 'day' => $supplier->checked_on === null ? '–' : App\Text\Days::full($supplier->checked_on)]) }}</td>
                    <td data-label="{{ __('Lots') }}" class="is-number">{{ $supplier->lots_count }}</td>
                </tr>
            @endforeach
        </x-table>
    @endif
</x-event-frame>
