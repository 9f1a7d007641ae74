<x-event-frame :frame="$frame" room="site" :title="__('Supports and shadows')">
    <x-site-tabs :event="$frame->event" current="site.shadows" />
    <x-live-form :action="route('site.shadows', $frame->event)" answer="shadows-answer">
        <x-field name="tube_m" :label="__('Length of the tube, m')" :value="old('tube_m', $request->length('tube_m'))" inputmode="decimal" />
        <x-field name="lower_end_m" :label="__('Its lower end above ground, m')" :value="old('lower_end_m', $request->length('lower_end_m'))" inputmode="decimal" />
        <x-field name="prop_m" :label="__('Prop, m up the tube')" :value="old('prop_m', $request->length('prop_m'))" inputmode="decimal" />
        <x-field name="pole_m" :label="__('Height of a person or post, m')" :value="old('pole_m', $request->length('pole_m'))" inputmode="decimal" />
    </x-live-form>
    <div id="shadows-answer" aria-live="polite">@include('site.shadows-answer')</div>
</x-event-frame>
