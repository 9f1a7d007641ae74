@use('KeenShadow\Core\Audience\Tone')
{{-- Light and warmth by sound. --}}
<section class="sound" x-data="lightSound" data-tones="{{ $sound->tones }}" data-step="{{ $sound->stepS }}" data-begin-epoch="{{ $sound->beginEpochS }}" data-begin="{{ $sound->beginS }}"
    data-warmth="{{ Tone::WARMTH_HZ }}" data-octave="{{ Tone::DEGREES_AN_OCTAVE }}">
    <h2>{{ __('Light and warmth by sound') }}</h2>
    <p class="note">{{ __('The less of the Sun is left, the lower the tone; in totality it is still. So it was worked out for this place; clouds are not in it.') }}</p>
    <p>
        <button type="button" class="btn btn-quiet" x-on:click="toggle" x-text="word" data-play="{{ __('Hear the eclipse in a minute') }}" data-stop="{{ __('Stop') }}">{{ __('Hear the eclipse in a minute') }}</button>
        <button type="button" class="btn btn-quiet" x-on:click="now">{{ __('Hear the light of now') }}</button>
    </p>
    <p><output x-ref="light" aria-live="polite" data-words="{{ __(':percent % of the Sun is left') }}" data-none="{{ __('The eclipse is not on now.') }}"></output></p>
    <div class="asked">
        <x-field name="warm_begin" :label="__('Thermometer at the first contact, °C')" inputmode="decimal" x-ref="begin" />
        <x-field name="warm_now" :label="__('Now, °C')" inputmode="decimal" x-ref="now" />
        <button type="button" class="btn btn-quiet" x-on:click="warmth">{{ __('Hear the change') }}</button>
    </div>
    <p><output x-ref="warmth" aria-live="polite" data-words="{{ __('First the tone of the begin, then that of now: :change °C, a semitone for each degree.') }}" data-refused="{{ __('Type both temperatures, from −60 to 60 °C.') }}"></output></p>
</section>
