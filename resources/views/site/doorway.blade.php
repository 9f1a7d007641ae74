<x-event-frame :frame="$frame" room="site" :title="__('Doorway')">
    <x-site-tabs :event="$frame->event" current="site.doorway" />
    @if ($page === null)
        <p class="lead-answer">{{ __('No wall is drawn yet.') }}</p>
        <p>{{ __('Pupils can stay indoors and look out only through checked filters set in a banner across a doorway. Draw the building and its doorway on the plan; then this page says whether it faces the Sun, from when to when, and how high the holes must be.') }}</p>
        <p><a class="btn btn-primary" href="{{ route('site.show', $frame->event) }}">{{ __('Draw the plan') }}</a></p>
    @else
        <x-faults :saves="false" />
        <form class="asked" method="get" action="{{ route('site.doorway', $frame->event) }}" x-data="liveForm" x-on:input="later" x-on:change="later" x-on:submit.prevent="ask" data-answer="doorway-answer" data-words="{{ __('No answer came: is the network gone? What is shown below is for the numbers before.') }}" data-stands="{{ __('What is shown below is for the numbers before.') }}">
            <div class="field">
                <label for="facade">{{ __('Doorway, window or wall') }}</label>
                <select class="form-select" id="facade" name="facade">
                    @foreach ($page->facades as $facade)
                        <option @selected($facade->name === $page->facade->name)>{{ $facade->name }}</option>
                    @endforeach
                </select>
            </div>
            <x-field name="distance_m" :label="__('Eyes behind the banner, m')" :value="old('distance_m', $page->distanceM)" inputmode="decimal" />
            <x-field name="child_m" :label="__('Children\'s eyes, m')" :value="old('child_m', $request->length('child_m'))" inputmode="decimal" />
            <x-field name="seated_m" :label="__('Seated eyes, m')" :value="old('seated_m', $request->length('seated_m'))" inputmode="decimal" />
            <x-field name="adult_m" :label="__('Adults\' eyes, m')" :value="old('adult_m', $request->length('adult_m'))" inputmode="decimal" />
            <x-field name="time" :label="__('Holes for, local time')" :value="old('time', $page->time)" />
            <button class="btn btn-quiet">{{ __('Update') }}</button>
            <p class="fault" role="alert" data-refused hidden></p>
        </form>
        <div id="doorway-answer" aria-live="polite">@include('site.doorway-answer')</div>
    @endif
</x-event-frame>
