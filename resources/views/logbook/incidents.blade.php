<x-event-frame :frame="$frame" room="logbook" :title="__('Incidents')">
    <x-logbook-tabs :event="$frame->event" current="logbook.incidents" />
    <p class="lead-answer">{{ $rows->isEmpty() ? __('No incident is written down.') : trans_choice('{1} 1 incident is written down.|[2,*] :count incidents are written down.', $rows->count()) }}</p>
    @if ($rows->isEmpty())
        <p>{{ __('A filter that came off, a pair that let light through, somebody who looked without one: what happened, when, with which pair, and what was done. No names. It leads to all pairs of that lot, which can be held at once.') }}</p>
    @endif
    @can('update', $frame->event)
        <p><a class="btn btn-primary" href="{{ route('logbook.incidents.create', $frame->event) }}">{{ __('Write one down') }}</a></p>
    @endcan
    @foreach ($rows as $row)
        @include('logbook.incident-short', ['row' => $row, 'event' => $frame->event])
    @endforeach
    @if ($replaced->isNotEmpty())
        <details class="folded">
            <summary>{{ __('What was corrected or taken out, as it was') }}</summary>
            @foreach ($replaced as $row)
                @include('logbook.incident-short', ['row' => $row, 'event' => $frame->event])
            @endforeach
        </details>
    @endif
</x-event-frame>
