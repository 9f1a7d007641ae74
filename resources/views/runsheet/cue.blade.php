@use('App\Text\CueWords')
@use('KeenShadow\Core\RunSheet\Cues\Anchor')
@use('KeenShadow\Core\RunSheet\Cues\Clouds')
@use('KeenShadow\Core\RunSheet\Cues\Cue')
@use('KeenShadow\Core\RunSheet\Cues\CueKind')
@use('KeenShadow\Core\RunSheet\Cues\CueNeed')
@use('KeenShadow\Core\Rules\Gaze')
<x-event-frame :frame="$frame" room="runsheet" :title="$form->isNew ? __('Add a cue') : $form->values['name']">
    <p class="lead-answer">{{ $form->isNew ? __('Add a cue') : $form->values['name'] }}</p>
    <x-faults />
    <form method="post" action="{{ route('runsheet.save', $frame->event) }}" novalidate>
        @csrf
        <input type="hidden" name="from" value="{{ $form->revision }}" autocomplete="off">
        <input type="hidden" name="uuid" value="{{ $form->uuid }}" autocomplete="off">
        <x-field name="name" :label="__('What happens')" :value="old('name', $form->values['name'])" :maxlength="Cue::LONGEST_NAME" autocomplete="off" />
        <fieldset class="field" id="kind">
            <legend>{{ __('What it is about') }}</legend>
            <div class="answers">
                @foreach (CueKind::cases() as $kind)
                    <label><input class="form-check-input" type="radio" name="kind" value="{{ $kind->value }}" @checked(old('kind', $form->values['kind']) === $kind->value)>{{ CueWords::kind($kind) }}</label>
                @endforeach
            </div>
            <x-fault field="kind" />
        </fieldset>
        <div class="field">
            <label for="anchor">{{ __('It hangs on') }}</label>
            <select class="form-select" id="anchor" name="anchor" aria-describedby="anchor-fault anchor-hint">
                @foreach (Anchor::cases() as $anchor)
                    <option value="{{ $anchor->value }}" @selected(old('anchor', $form->values['anchor']) === $anchor->value)>{{ CueWords::anchor($anchor) }}</option>
                @endforeach
            </select>
            <x-fault field="anchor" />
            <p class="hint" id="anchor-hint">{{ __('Another site or another eclipse moves it. Filters off and on are computed: there is no cue to type for them.') }}</p>
        </div>
        <x-field name="clock" :label="__('Time on the clock')" :value="old('clock', $form->values['clock'])" maxlength="8" :hint="__('Only where it hangs on the clock: 10:30 or 10:30:15.')" />
        <x-field name="offset" :label="__('After it, or before with a minus')" :value="old('offset', $form->values['offset'])" maxlength="20" :hint="__('−10 min, 1:30 (minutes and seconds), 20 s, −3 d. A number alone is minutes.')" />
        <x-field name="duration" :label="__('Lasts')" :value="old('duration', $form->values['duration'])" maxlength="20" :hint="__('Left blank: a moment.')" />
        <x-field name="who" :label="__('Who')" :value="old('who', $form->values['who'])" :maxlength="Cue::LONGEST_NAME" list="helpers" autocomplete="off" :hint="__('A post, or a helper by name. Nobody can be at two things at once: that is pointed out.')" />
        <datalist id="helpers">@foreach ($form->helpers as $helper)<option value="{{ $helper }}"></option>@endforeach</datalist>
        <x-field name="where" :label="__('Where')" :value="old('where', $form->values['where'])" :maxlength="Cue::LONGEST_NAME" list="places" autocomplete="off" />
        <datalist id="places">@foreach ($form->places as $place)<option value="{{ $place }}"></option>@endforeach</datalist>
        @foreach (['crew' => __('What the crew is told'), 'call' => __('What is called out')] as $field => $label)
            <div class="field">
                <label for="{{ $field }}">{{ $label }}</label>
                <textarea class="form-control" id="{{ $field }}" name="{{ $field }}" rows="2" maxlength="{{ Cue::LONGEST_TEXT }}" aria-describedby="{{ $field }}-fault">{{ old($field, $form->values[$field]) }}</textarea>
                <x-fault :field="$field" />
            </div>
        @endforeach
        <div class="field">
            <label for="clouds">{{ __('When clouds are called') }}</label>
            <select class="form-select" id="clouds" name="clouds" aria-describedby="clouds-fault">
                <option value="">{{ __('as usual: what needs the Sun falls away') }}</option>
                @foreach (Clouds::cases() as $clouds)
                    <option value="{{ $clouds->value }}" @selected(old('clouds', $form->values['clouds']) === $clouds->value)>{{ CueWords::clouds($clouds) }}</option>
                @endforeach
            </select>
            <x-fault field="clouds" />
        </div>
        @foreach (['needs' => [__('Called only'), __('always'), array_map(fn ($need) => [$need->value, CueWords::needChoice($need)], CueNeed::cases())], 'eyes' => [__('Where it sends eyes'), __('nowhere, or at the Sun through a filter'), array_map(fn ($eyes) => [$eyes->value, CueWords::eyes($eyes)], Gaze::cases())]] as $field => [$label, $none, $choices])
            <div class="field">
                <label for="{{ $field }}">{{ $label }}</label>
                <select class="form-select" id="{{ $field }}" name="{{ $field }}" aria-describedby="{{ $field }}-fault">
                    <option value="">{{ $none }}</option>
                    @foreach ($choices as [$value, $words])
                        <option value="{{ $value }}" @selected(old($field, $form->values[$field]) === $value)>{{ $words }}</option>
                    @endforeach
                </select>
                <x-fault :field="$field" />
            </div>
        @endforeach
        <p class="hint">{{ __('Each is looked at again for the place and the eclipse whenever the cue is shown or called: a cue whose condition is not met has no time.') }}</p>
        <div class="field">
            <input type="hidden" name="frozen" value="0">
            <label><input class="form-check-input" type="checkbox" name="frozen" value="1" @checked((bool) old('frozen', $form->isFrozen))>{{ __('Freeze it at the time where it stands now') }}</label>
        </div>
        <button class="btn btn-primary">{{ __('Save this cue') }}</button>
    </form>
    @if (! $form->isNew)
        <form method="post" action="{{ route('runsheet.destroy', [$frame->event, $form->uuid]) }}">
            @csrf
            @method('delete')
            <input type="hidden" name="from" value="{{ $form->revision }}" autocomplete="off">
            <button class="btn btn-quiet">{{ __('Remove this cue') }}</button>
        </form>
    @endif
</x-event-frame>
