@use('KeenShadow\Core\RunSheet\Rota\Wishes')
<x-event-frame :frame="$frame" room="runsheet" :title="__('Groups and stations')">
    <x-slot:axis x-data="lanes" tabindex="0" role="region" aria-label="{{ __('The day along the ribbon') }}" data-from="{{ $page->steps->revision }}" data-view="{{ $view }}" data-begin="{{ $page->lanes->beginS }}" data-end="{{ $page->lanes->endS }}" :data-editable="Gate::allows('update', $frame->event) ? 'yes' : null">
        @include('runsheet.lanes', ['lanes' => $page->lanes, 'ribbon' => $frame->ribbon, 'event' => $frame->event, 'stepS' => $page->stepS])
    </x-slot>
    <x-sheet-tabs :event="$frame->event" current="runsheet.rotation" />
    <div id="sheet-steps">
        <p class="lead-answer">{{ $page->headline }}</p>
        <x-faults />
        @if ($page->together !== '')
            <p>{{ $page->together }}</p>
        @endif
        <x-sheet-steps :event="$frame->event" :steps="$page->steps" :view="$view">
            @if ($page->canPropose)
                <form method="post" action="{{ route('runsheet.rotation.propose', $frame->event) }}">
                    @csrf
                    <x-sheet-from :steps="$page->steps" :view="$view" />
                    <button class="btn btn-primary">{{ __('Propose turns and duties') }}</button>
                </form>
                <a class="btn btn-quiet" href="{{ route('runsheet.turns.create', $frame->event) }}">{{ __('Add a turn') }}</a>
            @endif
        </x-sheet-steps>
    </div>
    <div id="sheet-list">
        @include('runsheet.rota-faults', ['faults' => $page->faults])
        @if ($page->isShort)
            <p><a href="{{ route('runsheet.why', $frame->event) }}">{{ __('Why turns are missing, and the least that would help') }}</a></p>
        @endif
        @if ($page->groups === [])
            <p>{{ __('Nobody comes yet. Groups, and how each may look, are written down on the Audience pages; they go round here.') }} <a href="{{ route('audience.index', $frame->event) }}">{{ __('To the groups') }}</a></p>
        @else
            @if ($page->stations === [])
                <p><a href="{{ route('audience.methods', $frame->event) }}">{{ __('To the methods of the groups') }}</a></p>
            @endif
            <h2 id="turns">{{ __('Turns') }}</h2>
            <x-table labelledby="turns" class="stacks">
                <x-slot:head>
                    <th scope="col">{{ __('Group') }}</th>
                    <th scope="col">{{ __('Should have') }}</th>
                    <th scope="col">{{ __('Turns') }}</th>
                </x-slot:head>
                @foreach ($page->groups as $group)
                    <tr>
                        <th scope="row">{{ $group->name }} <span class="meaning">{{ trans_choice('{1} 1 person|[0,*] :count people', $group->people) }}</span></th>
                        <td data-label="{{ __('Should have') }}">{{ $group->wanted }}</td>
                        <td data-label="{{ __('Turns') }}">
                            @foreach ($group->turns as $turn)
                                <span class="line">
                                    @can('update', $frame->event)
                                        <a href="{{ route('runsheet.turns.edit', [$frame->event, $turn['id']]) }}">{{ $turn['time'] }} {{ $turn['station'] }}</a>
                                    @else
                                        {{ $turn['time'] }} {{ $turn['station'] }}
                                    @endcan
                                    @if ($turn['isBest'])
                                        <span class="meaning">{{ __('in the best minutes') }}</span>
                                    @endif
                                </span>
                            @endforeach
                        </td>
                    </tr>
                @endforeach
            </x-table>
        @endif
        @if ($page->stations !== [])
            <h2 id="stations">{{ __('Stations') }}</h2>
            <x-table labelledby="stations" class="stacks">
                <x-slot:head>
                    <th scope="col">{{ __('Station') }}</th>
                    <th scope="col">{{ __('One turn') }}</th>
                    <th scope="col">{{ __('People at once') }}</th>
                    <th scope="col">{{ __('Helpers') }}</th>
                </x-slot:head>
                @foreach ($page->stations as $station)
                    <tr>
                        <th scope="row">{{ $station->name }} @if ($station->place !== '')<span class="meaning">{{ $station->place }}</span>@endif</th>
                        <td data-label="{{ __('One turn') }}">{{ $station->minutes }} min</td>
                        <td data-label="{{ __('People at once') }}">{{ $station->capacity }}</td>
                        <td data-label="{{ __('Helpers') }}">{{ $station->crew }}@if ($station->training !== ''), {{ __('trained for :what', ['what' => $station->training]) }}@endif @if ($station->isNeverAlone)<span class="line">{{ __('never alone') }}</span>@endif @if ($station->watched !== '')<span class="line">{{ $station->watched }}</span>@endif</td>
                    </tr>
                @endforeach
            </x-table>
        @endif
    </div>
    @can('update', $frame->event)
        @if ($page->groups !== [])
            <details class="sums" @if ($errors->any()) open @endif>
                <summary>{{ __('Bells, and what turns go by') }}</summary>
                <form method="post" action="{{ route('runsheet.rotation.wishes', $frame->event) }}" novalidate>
                    @csrf
                    @method('put')
                    <x-sheet-from :steps="$page->steps" :view="$view" />
                    <div class="field">
                        <label for="bells">{{ __('Bells of the day') }}</label>
                        <textarea class="form-control bells" id="bells" name="bells" rows="6" maxlength="4000" aria-describedby="bells-fault bells-hint">{{ old('bells', $page->bells) }}</textarea>
                        <x-fault field="bells" />
                        <p class="hint" id="bells-hint">{{ __('One stretch a line: “10:15-11:00 Lesson 3”, “11:00-11:20 Break”. Nobody is sent anywhere in a break. Left blank: groups can come as long as the event is open.') }}</p>
                    </div>
                    <fieldset class="field">
                        <legend>{{ __('Groups') }}</legend>
                        @foreach ($page->groups as $group)
                            <div class="wish">
                                <label for="turns-{{ $group->id }}">{{ $group->name }}: {{ __('turns') }}</label>
                                <input class="form-control" type="number" min="0" max="8" id="turns-{{ $group->id }}" name="turns[{{ $group->id }}]" value="{{ old("turns.{$group->id}", $group->wish) }}" placeholder="{{ $group->wanted }}">
                                @foreach ($page->bellNames as $bell)
                                    <label class="wish-bell"><input class="form-check-input" type="checkbox" name="comes[{{ $group->id }}][]" value="{{ $bell }}" @checked(in_array($bell, old('turns') === null ? $group->comes ?? $page->lessons : (array) old("comes.{$group->id}", []), true))>{{ $bell }}</label>
                                @endforeach
                            </div>
                        @endforeach
                        <x-fault field="turns" />
                        <p class="hint">{{ __('0 turns: the group comes as it likes. Left blank: what is usual.') }}</p>
                    </fieldset>
                    <fieldset class="field">
                        <legend>{{ __('Stations: minutes of a turn, people at once, helpers') }}</legend>
                        @foreach ($page->stations as $station)
                            <div class="wish">
                                <span class="wish-name">{{ $station->name }}</span>
                                @foreach (['minutes' => [__('minutes'), $station->minutes], 'capacity' => [__('people'), $station->capacity], 'crew' => [__('helpers'), $station->crew]] as $field => [$label, $usual])
                                    <input class="form-control" type="number" min="0" name="stations[{{ $station->method }}][{{ $field }}]" value="{{ old("stations.{$station->method}.{$field}", $station->wish[$field]) }}" placeholder="{{ $usual }}" aria-label="{{ $station->name }}: {{ $label }}">
                                @endforeach
                            </div>
                        @endforeach
                        <x-fault field="stations" />
                        <p class="hint">{{ __('Left blank: so that the largest group can all have a look.') }}</p>
                    </fieldset>
                    <div class="field">
                        <label for="step_min">{{ __('Everything begins and ends on whole steps of') }}</label>
                        <select class="form-select" id="step_min" name="step_min">
                            @foreach (Wishes::STEPS_MIN as $step)
                                <option value="{{ $step }}" @selected((string) old('step_min', $page->limits['step_min']) === (string) $step)>{{ $step }} min</option>
                            @endforeach
                        </select>
                        <x-fault field="step_min" />
                    </div>
                    <x-field name="pairs" type="number" min="0" :label="__('Pairs of glasses that will be there')" :value="old('pairs', $page->limits['pairs'])" :hint="__('Left blank: the :count that are found fit today.', ['count' => $page->fit])" />
                    <x-field name="longest_min" type="number" min="10" :label="__('A helper stands at most, min')" :value="old('longest_min', $page->limits['longest_min'])" />
                    <x-field name="rest_min" type="number" min="0" :label="__('before a break of at least, min')" :value="old('rest_min', $page->limits['rest_min'])" />
                    <button class="btn btn-primary">{{ __('Save') }}</button>
                </form>
                <form method="post" action="{{ route('runsheet.rotation.bells', $frame->event) }}" enctype="multipart/form-data" novalidate>
                    @csrf
                    <x-sheet-from :steps="$page->steps" :view="$view" />
                    <x-field name="timetable" type="file" accept=".csv,.txt,.ics,text/csv,text/calendar" :label="__('Bells from a file')" :hint="__('A table (CSV) with name, from, to and perhaps break; or the school\'s calendar (iCalendar), of which the entries of the day of the event count.')" />
                    <button class="btn btn-quiet">{{ __('Import the bells') }}</button>
                </form>
            </details>
        @endif
    @endcan
</x-event-frame>
