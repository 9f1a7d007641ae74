<x-event-frame :frame="$frame" room="rules" :title="__('May I use this?')">
    <p class="lead-answer">{{ __('May I use this?') }}</p>
    <p class="note">{{ __('Say what it is; two or three taps more, and the rule book answers.') }} <a href="{{ route('rules.book', $frame->event) }}">{{ __('Read the whole book') }}</a></p>
    <x-live-form :action="route('rules.may', $frame->event)" answer="items" :button="__('Look for it')" class="is-search">
        <x-field name="q" :label="__('What is it?')" :value="old('q', $search)" maxlength="80" autocomplete="off" :hint="__('In your own words: helmet, old slides, mylar balloon …')" />
    </x-live-form>
    <div id="items" aria-live="polite">@include('rules.items', ['event' => $frame->event])</div>
</x-event-frame>
