<x-event-frame :frame="$frame" room="site" :title="__('Doorway')">
    <x-site-tabs :event="$frame->event" current="site.doorway" />
    @if ($page === null)
        <p class="lead-answer">{{ __('No wall is drawn yet.') }}</p>
        <p>{{ __('Pupils can stay indoors and look out only through checked filters set in a banner across a doorway. Draw the building and its doorway on the plan; then this page says whether it faces the Sun, from when to when, and how high the holes must be.') }}</p>
        <p><a class="btn btn-primary" href="{{ route('site.show', $frame->event) }}">{{ __('Draw the plan') }}</a></p>
    @else
        <x-live-form :action="route('site.doorway', $frame->event)" answer="doorway-answer">
            <div class="field">
                <label for="facade">{{ __('Doorway, window or wall') }}</label>
                <select class="form-select" id="facade" name="facade">
                    @foreach ($page->facing as $facade)
                        <option @selected($facade['name'] === $page->outlook->banner->facade->name)>{{ $facade['name'] }}</option>
                    @endforeach
                </select>
            </div>
            <x-field name="distance_m" :label="__('Eyes behind the banner, m')" :value="old('distance_m', $page->outlook->banner->distanceM)" inputmode="decimal" />
            <x-field name="child_m" :label="__('Children\'s eyes, m')" :value="old('child_m', $request->length('child_m'))" inputmode="decimal" :hint="$request->eyesOfGroups() === null ? null : __('Left blank: the lowest of the groups.')" />
            <x-field name="seated_m" :label="__('Seated eyes, m')" :value="old('seated_m', $request->length('seated_m'))" inputmode="decimal" />
            <x-field name="adult_m" :label="__('Adults\' eyes, m')" :value="old('adult_m', $request->length('adult_m'))" inputmode="decimal" :hint="$request->eyesOfGroups() === null ? null : __('Left blank: the highest of the groups.')" />
            <x-field name="time" :label="__('Holes for, local time')" :value="old('time', $page->moment->time)" />
        </x-live-form>
        <div id="doorway-answer" aria-live="polite">@include('site.doorway-answer')</div>
    @endif
</x-event-frame>
