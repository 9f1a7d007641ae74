<x-event-frame :frame="$frame" room="logbook" :title="__('Log')">
    <x-logbook-tabs :event="$frame->event" current="logbook.show" />
    <p class="lead-answer">{{ $page->headline }}</p>
    <x-faults />
    <div class="sheet-tools">
        @can('update', $frame->event)
            <a class="btn btn-primary" href="{{ route('logbook.paper', $frame->event) }}">{{ __('Type a sheet of paper') }}</a>
        @endcan
        <a class="btn btn-quiet" href="{{ route('day.show', $frame->event) }}">{{ __('Write on the day\'s screen') }}</a>
        @if ($page->rows !== [])
            <a class="btn btn-quiet" href="{{ route('logbook.csv', $frame->event) }}">{{ __('Table (CSV)') }}</a>
        @endif
    </div>
    @if ($page->kinds !== [])
        <p class="log-kinds">
            <a href="{{ route('logbook.show', $frame->event) }}" @if ($page->shown === '') aria-current="true" @endif>{{ __('all') }}</a>
            @foreach ($page->kinds as $id => $name)
                <a href="{{ route('logbook.show', [$frame->event, 'kind' => $id]) }}" @if ($page->shown === $id) aria-current="true" @endif>{{ $name }}</a>
            @endforeach
        </p>
    @endif
    @if ($page->rows === [])
        <p>{{ __('Calls, temperature, wind, animals, shadow bands, beads that fade: what is written on the day\'s screen arrives here, also without a network, as soon as there is one. Sheets for the hand are below; they are typed here afterwards.') }}</p>
    @else
        @include('logbook.lines', ['rows' => $page->rows, 'event' => $frame->event, 'label' => __('The log'), 'isOld' => false])
    @endif
    @if ($page->replaced !== [])
        <details class="folded">
            <summary>{{ __('What was corrected or taken out, as it was') }}</summary>
            @include('logbook.lines', ['rows' => $page->replaced, 'event' => $frame->event, 'label' => __('Corrected lines as they were'), 'isOld' => true])
        </details>
    @endif
    <h2 id="sheets">{{ __('Sheets to write on, with the times here') }}</h2>
    <ul class="plain-list" aria-labelledby="sheets">
        @foreach (KeenShadow\Core\Logbook\ObservationKind::cases() as $kind)
            <li>{{ App\Text\ObservationWords::kind($kind) }}: <a href="{{ route('logbook.sheet', [$frame->event, $kind, 'a4']) }}">A4<span class="visually-hidden"> {{ App\Text\ObservationWords::kind($kind) }}</span></a> · <a href="{{ route('logbook.sheet', [$frame->event, $kind, 'letter']) }}">Letter<span class="visually-hidden"> {{ App\Text\ObservationWords::kind($kind) }}</span></a></li>
        @endforeach
    </ul>
</x-event-frame>
