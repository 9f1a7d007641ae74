@use('App\Models\Photo\KitItem')
<x-event-frame :frame="$frame" room="photo" :title="__('Kit')">
    <x-photo-tabs :event="$frame->event" current="photo.kit" />
    <p class="lead-answer">{{ __('What there is for photographs') }}</p>
    <p class="note">{{ __('The organisation\'s, and what its people bring; every event plans with it.') }}</p>
    <x-faults />
    @foreach ($page->kinds as $kind => $name)
        <h2 id="{{ $kind }}">{{ $name }} @can('create', KitItem::class)<a class="heading-link" href="{{ route('photo.kit.create', [$frame->event, $kind]) }}">{{ __('add') }}<span class="visually-hidden"> {{ $name }}</span></a>@endcan</h2>
        @if ($page->rows[$kind] === [])
            <p class="note">{{ __('None yet.') }}</p>
        @else
            <x-table class="align-middle stacks kit-table" :labelledby="$kind">
                @foreach ($page->rows[$kind] as $row)
                    <tr>
                        <th scope="row">
                            @can('update', $row->item)<a href="{{ route('photo.kit.edit', [$frame->event, $row->item]) }}">{{ $row->item->name }}</a>@else{{ $row->item->name }}@endcan
                            <span class="meaning">{{ $row->about }}</span>
                        </th>
                        <td data-label="{{ __('Whose') }}">{{ $row->whose }}</td>
                        @if ($row->checked !== null)
                            <td data-label="{{ __('Held against the Sun') }}"><span @class(['fault' => ! $row->isInOrder])>{{ $row->checked }}</span> <a href="{{ route('photo.filter', [$frame->event, $row->item]) }}">{{ __('check, test shots') }}<span class="visually-hidden"> {{ $row->item->name }}</span></a></td>
                        @endif
                    </tr>
                @endforeach
            </x-table>
        @endif
    @endforeach
</x-event-frame>
