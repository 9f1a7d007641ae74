@use('App\Text\AudienceWords')
@use('KeenShadow\Core\Audience\Crowd\Coming')
<x-event-frame :frame="$frame" room="audience" :title="__('One queue')">
    <x-audience-tabs :event="$frame->event" current="audience.crowd" />
    <x-live-form :action="route('audience.crowd', $frame->event)" answer="crowd">
        <x-field name="people" :label="__('How many come')" :value="old('people', $people)" inputmode="numeric" />
        <div class="field">
            <label for="comes">{{ __('How they come') }}</label>
            <select class="form-select" id="comes" name="comes">
                @foreach (Coming::cases() as $coming)
                    <option value="{{ $coming->value }}" @selected(old('comes', $request->coming()->value) === $coming->value)>{{ AudienceWords::comes($coming, null) }}</option>
                @endforeach
            </select>
        </div>
        <x-field name="places" :label="__('How many look at once')" :value="old('places', $request->number('places'))" inputmode="numeric" :hint="__('Pairs, eyepieces.')" />
        <x-field name="look_s" :label="__('A look, s')" :value="old('look_s', $request->number('look_s'))" inputmode="decimal" />
        <x-field name="spread_s" :label="__('more or less, s')" :value="old('spread_s', $request->number('spread_s'))" inputmode="decimal" />
        <x-field name="hand_s" :label="__('Handing over, s')" :value="old('hand_s', $request->number('hand_s'))" inputmode="decimal" />
        <x-field name="seed" :label="__('Another day like it: number')" :value="old('seed', $request->number('seed'))" inputmode="numeric" />
    </x-live-form>
    <div id="crowd" aria-live="polite">@include('audience.crowd-answer')</div>
</x-event-frame>
