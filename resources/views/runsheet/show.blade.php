@use('App\Text\CueWords')
@use('KeenShadow\Core\RunSheet\Cues\Occasion')
<x-event-frame :frame="$frame" room="runsheet" :title="__('Run sheet')">
    <x-slot:axis x-data="lanes" tabindex="0" role="region" aria-label="{{ __('The day along the ribbon') }}" data-from="{{ $page->steps->revision }}" data-view="{{ $view }}" data-begin="{{ $page->lanes->beginS }}" data-end="{{ $page->lanes->endS }}" :data-editable="Gate::allows('update', $frame->event) ? 'yes' : null">
        @include('runsheet.lanes', ['lanes' => $page->lanes, 'ribbon' => $frame->ribbon, 'event' => $frame->event, 'stepS' => $page->stepS])
    </x-slot>
    <x-sheet-tabs :event="$frame->event" current="runsheet.show" />
    <div id="sheet-steps">
        <p class="lead-answer">{{ $page->headline }}</p>
        @if ($page->wrong !== '')
            <p class="cue-note">{{ $page->wrong }}</p>
        @endif
        <x-faults />
        <p class="caution">{{ $page->caution }}</p>
        <x-sheet-steps :event="$frame->event" :steps="$page->steps" :view="$view">
            <a class="btn btn-primary" href="{{ route('runsheet.create', $frame->event) }}">{{ __('Add a cue') }}</a>
        </x-sheet-steps>
    </div>
    @if ($page->filters !== null)
        <details class="sums">
            <summary>{{ __('Filters may come off at :off and are on again by :on: show the sums', ['off' => $page->filters->offAt, 'on' => $page->filters->onAt]) }}</summary>
            <div class="sheet-sums">
                <dl>
                    <dt>{{ __('C2, with the smaller radius of the Moon') }}</dt><dd>{{ $page->filters->c2 }}</dd>
                    @foreach ($page->filters->off as $line)
                        <dt>{{ $line['what'] }}</dt><dd>{{ $line['seconds'] }}</dd>
                    @endforeach
                    <dt><b>{{ __('filters may come off') }}</b></dt><dd><b>{{ $page->filters->offAt }}</b></dd>
                </dl>
                <dl>
                    <dt>{{ __('C3, with the smaller radius of the Moon') }}</dt><dd>{{ $page->filters->c3 }}</dd>
                    @foreach ($page->filters->on as $line)
                        <dt>{{ $line['what'] }}</dt><dd>{{ $line['seconds'] }}</dd>
                    @endforeach
                    <dt><b>{{ __('filters on') }}</b></dt><dd><b>{{ $page->filters->onAt }}</b></dd>
                    <dt>{{ __('warning, 10 s before') }}</dt><dd>{{ $page->filters->warningAt }}</dd>
                </dl>
            </div>
            <p class="note">{{ $page->filters->isCut ? __('The Sun is not seen for all of totality: the times are those within which it is.') : __('These two are computed from the rule about filters and cannot be typed or moved.') }}</p>
        </details>
    @endif
    <div id="sheet-list">
        @if ($page->sought !== '' || $page->rows !== [] || $page->before !== [])
            <form class="sheet-search" method="get" action="{{ route('runsheet.show', $frame->event) }}" role="search">
                <label for="q">{{ __('Search the cues') }}</label>
                <input class="form-control" type="search" id="q" name="q" value="{{ $page->sought }}" maxlength="80">
                <button class="btn btn-quiet">{{ __('Search') }}</button>
                @if ($page->sought !== '')
                    <a href="{{ route('runsheet.show', $frame->event) }}">{{ __('all cues') }}</a>
                @endif
            </form>
        @endif
        @if ($page->sought !== '' && $page->rows === [] && $page->before === [])
            <p>{{ __('No cue has these words.') }}</p>
        @endif
        @if ($page->before !== [])
            <h2 id="before">{{ __('Days before') }}</h2>
            @include('runsheet.rows', ['rows' => $page->before, 'event' => $frame->event, 'labelledby' => 'before'])
        @endif
        @if ($page->rows !== [])
            <h2 id="day">{{ __('On the day') }}</h2>
            @include('runsheet.rows', ['rows' => $page->rows, 'event' => $frame->event, 'labelledby' => 'day'])
        @endif
    </div>
    @if ($page->rows !== [] || $page->before !== [])
        <h2 id="files">{{ __('On paper and in calendars') }}</h2>
        <ul class="plain-list" aria-labelledby="files">
            @foreach (['a4' => __('Wall sheet, A4 (PDF)'), 'a3' => __('Wall sheet, A3 (PDF)'), 'letter' => __('Wall sheet, Letter (PDF)')] as $wall => $words)
                <li><a href="{{ route('runsheet.wall', [$frame->event, $wall]) }}">{{ $words }}</a></li>
            @endforeach
            @foreach (['a4' => 'A4', 'letter' => 'Letter'] as $paper => $words)
                <li><a href="{{ route('runsheet.briefing', [$frame->event, $paper]) }}">{{ __('Briefing for the crew, :paper (PDF)', ['paper' => $words]) }}</a></li>
                <li><a href="{{ route('runsheet.cards.helpers', [$frame->event, $paper]) }}">{{ __('Pocket cards for helpers, :paper (PDF)', ['paper' => $words]) }}</a></li>
                <li><a href="{{ route('runsheet.cards.stations', [$frame->event, $paper]) }}">{{ __('Pocket cards for stations, :paper (PDF)', ['paper' => $words]) }}</a></li>
            @endforeach
            <li><a href="{{ route('runsheet.people', $frame->event) }}">{{ __('Turns and duties (CSV)') }}</a></li>
            <li><a href="{{ route('runsheet.calendar', $frame->event) }}">{{ __('Calendar with alarms (iCalendar)') }}</a></li>
            <li><a href="{{ route('runsheet.csv', $frame->event) }}">{{ __('Table (CSV)') }}</a></li>
            <li><a href="{{ route('runsheet.json', $frame->event) }}">{{ __('All of it (JSON)') }}</a></li>
        </ul>
        @can('update', $frame->event)
            <p class="note">{{ __('A calendar can also ask by itself and follow every change. Whoever has the address sees the cues without signing in; hand it to the crew only.') }}</p>
            @if ($frame->event->calendar_key !== null)
                <p><code class="address">{{ route('runsheet.subscription', $frame->event->calendar_key) }}</code></p>
            @endif
            <div class="sheet-tools">
                <form method="post" action="{{ route('runsheet.address.store', $frame->event) }}">
                    @csrf
                    <button class="btn btn-quiet">{{ $frame->event->calendar_key === null ? __('Make an address for calendars') : __('Make a new one') }}</button>
                </form>
                @if ($frame->event->calendar_key !== null)
                    <form method="post" action="{{ route('runsheet.address.destroy', $frame->event) }}">
                        @csrf
                        @method('delete')
                        <button class="btn btn-quiet">{{ __('Take it back') }}</button>
                    </form>
                @endif
            </div>
        @endcan
    @endif
    @can('update', $frame->event)
        <h2>{{ __('Usual cues') }}</h2>
        <p class="note">{{ __('What is usual for such an event at this eclipse is added; what is there already stays. Common practice, no source.') }}</p>
        <form method="post" action="{{ route('runsheet.propose', $frame->event) }}" novalidate>
            @csrf
            <input type="hidden" name="from" value="{{ $page->steps->revision }}" autocomplete="off">
            <fieldset class="field" id="occasion">
                <legend>{{ __('What kind of event is it?') }}</legend>
                <div class="answers">
                    @foreach (Occasion::cases() as $occasion)
                        <label><input class="form-check-input" type="radio" name="occasion" value="{{ $occasion->value }}" @checked(old('occasion') === $occasion->value)>{{ CueWords::occasion($occasion) }}</label>
                    @endforeach
                </div>
                <x-fault field="occasion" />
            </fieldset>
            <button class="btn btn-quiet">{{ __('Add the usual cues') }}</button>
        </form>
        <h2 id="templates">{{ __('Own cues, to use again') }}</h2>
        @if ($templates->isEmpty())
            <p class="note">{{ __('What your organisation keeps stands here, for everybody of it: a class between bells as you do it, a family afternoon.') }}</p>
        @else
            <x-table labelledby="templates" class="align-middle">
                <x-slot:head>
                    <th scope="col">{{ __('Name') }}</th>
                    <th scope="col" class="is-number">{{ __('Cues') }}</th>
                    <th scope="col"><span class="visually-hidden">{{ __('What to do with it') }}</span></th>
                </x-slot:head>
                @foreach ($templates as $template)
                    <tr>
                        <th scope="row">{{ $template->name }}</th>
                        <td class="is-number">{{ count($template->sheet->cues) }}</td>
                        <td>
                            <div class="sheet-tools">
                                <form method="post" action="{{ route('runsheet.templates.use', [$frame->event, $template]) }}">
                                    @csrf
                                    <input type="hidden" name="from" value="{{ $page->steps->revision }}" autocomplete="off">
                                    <button class="btn btn-quiet" aria-label="{{ __('Use :name', ['name' => $template->name]) }}">{{ __('Use') }}</button>
                                </form>
                                <form method="post" action="{{ route('runsheet.templates.destroy', [$frame->event, $template]) }}">
                                    @csrf
                                    @method('delete')
                                    <button class="btn btn-quiet" aria-label="{{ __('Remove :name', ['name' => $template->name]) }}">{{ __('Remove') }}</button>
                                </form>
                            </div>
                        </td>
                    </tr>
                @endforeach
            </x-table>
        @endif
        @if ($page->rows !== [] || $page->before !== [])
            <form method="post" action="{{ route('runsheet.templates.store', $frame->event) }}" novalidate>
                @csrf
                <x-field name="template" :label="__('Keep these cues as')" :value="old('template')" maxlength="80" autocomplete="off" :hint="__('Of the same name, the new ones take the place of the old.')" />
                <button class="btn btn-quiet">{{ __('Keep them') }}</button>
            </form>
        @endif
        <form method="post" action="{{ route('runsheet.import', $frame->event) }}" enctype="multipart/form-data" novalidate>
            @csrf
            <input type="hidden" name="from" value="{{ $page->steps->revision }}" autocomplete="off">
            <x-field name="sheet" type="file" :label="__('A run sheet as JSON')" accept=".json,application/json" :hint="__('As this page writes it; docs/FORMATS.md has the names. Cues that are not there yet are added.')" />
            <button class="btn btn-quiet">{{ __('Add its cues') }}</button>
        </form>
        <h2>{{ __('Hours of the event') }}</h2>
        <form class="sheet-hours" method="post" action="{{ route('runsheet.hours', $frame->event) }}" novalidate>
            @csrf
            @method('put')
            <input type="hidden" name="from" value="{{ $page->steps->revision }}" autocomplete="off">
            <x-field name="opens" :label="__('Opens')" :value="old('opens', $page->opens)" maxlength="5" inputmode="numeric" />
            <x-field name="closes" :label="__('Closes')" :value="old('closes', $page->closes)" maxlength="5" inputmode="numeric" :hint="__('On the clock of the place. Left blank: 75 min before the eclipse begins, 45 min after it ends.')" />
            <button class="btn btn-quiet">{{ __('Save the hours') }}</button>
        </form>
    @endcan
</x-event-frame>
