@use('App\Text\ObservationWords')
@use('App\Text\TypedMoment')
<x-field name="who" :label="__('Who observed')" :value="old('who', $who)" maxlength="80" :hint="__('A class or a helper; no child by name.')" />
<fieldset class="field" id="within">
    <legend>{{ __('How sure the times are') }}</legend>
    <div class="answers">
        @foreach (TypedMoment::WITHIN_S as $seconds)
            <label><input class="form-check-input" type="radio" name="within" value="{{ $seconds }}" @checked((string) old('within', $within) === (string) $seconds)>± {{ ObservationWords::within($seconds) }}</label>
        @endforeach
    </div>
    <x-fault field="within" />
</fieldset>
