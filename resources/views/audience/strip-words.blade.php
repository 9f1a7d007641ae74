<p class="note">{{ __('For those who see little or nothing. Print it at 100 %, cut the dark shapes out of felt, card or sandpaper and glue them into the rings, or copy it on swell paper. Top is towards the zenith. Tell the times aloud, what the light does and when it grows cool; birds and crickets tell the rest.') }}</p>
@if ($isEmpty)
    <p>{{ __('The Sun is down all the while: there is nothing to feel here.') }}</p>
@endif
