<x-event-frame :frame="$frame" room="site" :title="__('Mirror')">
    <x-site-tabs :event="$frame->event" current="site.mirror" />
    @if ($page === null)
        <p class="lead-answer">{{ __('The plan has no mirror and screen yet.') }}</p>
        <p>{{ __('A small flat mirror under a card with a hole throws the Sun\'s image on a shaded wall many metres away, large enough for a whole class. Put “Mirror” and “Screen” on the plan, each with its height; then this page says how to set it and whom the beam may meet.') }}</p>
        <p><a class="btn btn-primary" href="{{ route('site.show', $frame->event) }}">{{ __('Draw the plan') }}</a></p>
    @else
        <x-live-form :action="route('site.mirror', $frame->event)" answer="mirror-answer">
            @foreach (['mirror' => [__('Mirror'), $page->mirrors, $page->mirror->name], 'screen' => [__('Screen'), $page->screens, $page->screen->name]] as $field => [$label, $names, $chosen])
                <div class="field">
                    <label for="{{ $field }}">{{ $label }}</label>
                    <select class="form-select" id="{{ $field }}" name="{{ $field }}">
                        @foreach ($names as $name)
                            <option @selected($name === $chosen)>{{ $name }}</option>
                        @endforeach
                    </select>
                </div>
            @endforeach
            <x-field name="opening_mm" :label="__('Opening of the mirror, mm')" :value="old('opening_mm', $request->length('opening_mm'))" inputmode="decimal" />
            <x-field name="screen_m" :label="__('Width of the screen, m')" :value="old('screen_m', $request->length('screen_m'))" inputmode="decimal" />
            <x-field name="time" :label="__('Local time')" :value="old('time', $page->time)" />
        </x-live-form>
        <div id="mirror-answer" aria-live="polite">@include('site.mirror-answer')</div>
    @endif
</x-event-frame>
