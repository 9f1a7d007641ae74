<x-event-frame :frame="$frame" room="photo" :title="__('Many phases in one picture')">
    <x-photo-tabs :event="$frame->event" current="photo.composite" />
    <x-live-form :action="route('photo.composite', $frame->event)" answer="composite-answer">
        <div class="field">
            <label for="spot">{{ __('From') }}</label>
            <select class="form-select" id="spot" name="spot">
                <option value="">{{ __('where the people watch') }}</option>
                @foreach ($page->spots as $name)<option @selected(old('spot', $request->spot()) === $name)>{{ $name }}</option>@endforeach
            </select>
        </div>
        <x-field name="focal_mm" :label="__('Focal length, mm')" :value="old('focal_mm', $page->focal)" inputmode="decimal" :placeholder="__('longest')" />
        <x-field name="sensor_w" :label="__('Sensor, across, mm')" :value="old('sensor_w', $request->number('sensor_w'))" inputmode="decimal" />
        <x-field name="sensor_h" :label="__('Sensor, upright, mm')" :value="old('sensor_h', $request->number('sensor_h'))" inputmode="decimal" />
        <x-field name="foreground_deg" :label="__('Down to, °')" :value="old('foreground_deg', $request->number('foreground_deg'))" inputmode="decimal" />
        <x-field name="every_min" :label="__('A picture every, min')" :value="old('every_min', $request->number('every_min'))" inputmode="decimal" />
        <x-field name="gap" :label="__('Gap, Sun widths')" :value="old('gap', $request->number('gap'))" inputmode="decimal" />
    </x-live-form>
    <p class="hint">{{ __('Without a focal length: the longest that fits. Swap the sides of the sensor for an upright picture.') }}</p>
    <div id="composite-answer" aria-live="polite">@include('photo.composite-answer')</div>
</x-event-frame>
