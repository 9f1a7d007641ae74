<x-event-frame :frame="$frame" room="training" :title="__('Kit for teachers')">
    <x-training-tabs :event="$frame->event" current="training.kit" />
    <p class="lead-answer">{{ __(':name: each school by itself', ['name' => $page->bundle->placeList->name]) }}</p>
    @if ($page->isOld)<p class="cue-note">{{ __('The event, the deck or the program has changed since these were made: make them again.') }}</p>@endif
    <p><a href="{{ route('training.kit', $frame->event) }}">{{ __('All kits') }}</a>@if (! $page->isOld) · <a href="{{ route('bundles.zip', [$frame->event, $page->bundle]) }}">{{ __('All of them, with calendars and a table of times (ZIP)') }}</a>@endif</p>
    <x-table :label="__('Schools')" class="place-list stacks">
        <x-slot:head>
            <th scope="col">{{ __('School') }}</th>
            <th scope="col">{{ __('Seen as') }}</th>
            @foreach (['C1', 'C2', __('Max'), 'C3', 'C4'] as $head)<th scope="col" class="is-number">{{ $head }}</th>@endforeach
            <th scope="col" class="is-number">{{ __('Obscuration (area)') }}</th>
            <th scope="col">{{ __('Files') }}</th>
        </x-slot:head>
        @foreach ($page->rows as $row)
            <tr @class(['is-down' => $row['times']->isComputed && ! $row['times']->isSeen])>
                <th scope="row">{{ $row['times']->name }} <span class="meaning">{{ $row['times']->zone }}</span></th>
                <td data-label="{{ __('Seen as') }}">{{ $row['times']->seenAs }} <span class="meaning">{{ $row['filters'] }}</span></td>
                @foreach ($row['times']->contacts as $i => $contact)
                    <td data-label="{{ ['C1', 'C2', __('Max'), 'C3', 'C4'][$i] }}" @class(['is-number', 'is-down' => $contact['isDown']])>{{ $contact['time'] }}@if ($contact['isDown']) <span class="meaning">{{ __('Sun down') }}</span>@endif</td>
                @endforeach
                <td class="is-number" data-label="{{ __('Obscuration (area)') }}">{{ $row['times']->obscuration }}</td>
                <td data-label="{{ __('Files') }}">
                    @if ($row['files'] !== [])
                        @foreach ($row['files'] as $file => $name)<a class="text-nowrap" href="{{ route('training.kit.file', [$frame->event, $page->bundle, $row['position'], $file]) }}">{{ $name }}<span class="visually-hidden"> {{ $row['times']->name }}</span></a>@if (! $loop->last) · @endif @endforeach
                    @else
                        {{ $page->isOld ? __('of before: to be made again') : __('not made yet') }}
                    @endif
                </td>
            </tr>
        @endforeach
    </x-table>
    <x-pages :pages="$page->places" />
</x-event-frame>
