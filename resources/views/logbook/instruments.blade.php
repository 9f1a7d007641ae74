<x-event-frame :frame="$frame" room="logbook" :title="__('Instruments')">
    @if ($page->curves->strips !== [])
        <x-slot:axis tabindex="0" role="region" aria-label="{{ __('What was measured, along the ribbon') }}">
            @include('logbook.curves', ['curves' => $page->curves, 'ribbon' => $frame->ribbon])
        </x-slot>
    @endif
    <x-logbook-tabs :event="$frame->event" current="logbook.instruments" />
    <p class="lead-answer">{{ $page->headline }}</p>
    <x-faults />
    @forelse ($page->rows as $row)
        <section class="instrument" aria-labelledby="instrument-{{ $row->log->id }}">
            <h2 id="instrument-{{ $row->log->id }}"><svg class="measured-swatch" viewBox="0 0 24 8" aria-hidden="true"><path class="measured-line measured-line-{{ $loop->iteration }}" d="M0 4H24"/></svg> {{ $row->log->name }} <span class="meaning">{{ $row->log->stood }}</span></h2>
            <p>{{ $row->what }}</p>
            @if ($row->level !== null)
                <div class="verdict verdict-{{ $row->level->value }}">
                    <x-verdict-mark :level="$row->level" />
                    <div>
                        <p class="verdict-word">{{ $row->worth }}</p>
                        <p><b>{{ $row->drop }}</b> {{ $row->why }}</p>
                    </div>
                </div>
                <details class="sums">
                    <summary>{{ __('Show the sums') }}</summary>
                    <dl class="sums-list">
                        @foreach ($row->sums as $sum)
                            <dt>{{ $sum['name'] }}</dt><dd>{{ $sum['value'] }}</dd>
                        @endforeach
                    </dl>
                    <p class="note">{{ __('Temperature minus baseline, where it is lowest. The baseline goes through what was read before first contact and after last contact and some minutes of recovery, as a day goes its course.') }}</p>
                </details>
            @endif
            @if ($row->caution !== '')
                <p class="caution">{{ $row->caution }}</p>
            @endif
            @if ($row->light !== '')
                <p>{{ $row->light }}</p>
            @endif
            <p class="note">{{ __('Read in :zone; its clock :ahead ahead; stored by :who.', ['zone' => $row->log->zone, 'ahead' => App\Text\TypedSpan::write($row->log->ahead_s), 'who' => $row->log->maker->name]) }}</p>
            @can('update', $frame->event)
                <div class="sheet-tools">
                    <a class="btn btn-quiet" href="{{ route('logbook.instruments.edit', [$frame->event, $row->log]) }}">{{ __('Read it otherwise') }}<span class="visually-hidden"> {{ $row->log->name }}</span></a>
                    <form method="post" action="{{ route('logbook.instruments.destroy', [$frame->event, $row->log]) }}">@csrf @method('delete')<button class="btn btn-quiet">{{ __('Take it out') }}<span class="visually-hidden"> {{ $row->log->name }}</span></button></form>
                </div>
            @endcan
        </section>
    @empty
        <p>{{ __('A thermometer that logs once a minute, from an hour before first contact to an hour and a half after last contact, tells by how much the eclipse cooled the air and how late: common practice is a few kelvins, five to twenty minutes after the maximum.') }}</p>
    @endforelse
    <p><a href="{{ route('logbook.sites', $frame->event) }}">{{ __('The same eclipse at all our sites') }}</a></p>
    @can('update', $frame->event)
        <h2>{{ __('Add a logger\'s file') }}</h2>
        <form method="post" action="{{ route('logbook.instruments.store', $frame->event) }}" enctype="multipart/form-data" novalidate>
            @csrf
            <x-made-from />
            <x-field name="file" type="file" :label="__('CSV file')" accept=".csv,.txt,text/csv,text/plain" :hint="__('Columns of times and of temperature, light or pressure, as loggers name them.')" />
            @include('logbook.reading', ['log' => null, 'event' => $frame->event])
            <button class="btn btn-primary">{{ __('Read and store') }}</button>
        </form>
    @endcan
</x-event-frame>
