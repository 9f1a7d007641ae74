<x-event-frame :frame="$frame" room="audience" :title="__('To feel and hear')">
    <x-audience-tabs :event="$frame->event" current="audience.strip" />
    <p class="lead-answer">{{ __('The Sun here, to feel') }}</p>
    <p class="note">{{ __('For those who see little or nothing. Print it at 100 %, cut the dark shapes out of felt, card or sandpaper and glue them into the rings, or copy it on swell paper. Top is towards the zenith. Tell the times aloud, what the light does and when it grows cool; birds and crickets tell the rest.') }}</p>
    @if ($strip->discs === [])
        <p>{{ __('The Sun is down all the while: there is nothing to feel here.') }}</p>
    @endif
    <div class="strip">
        @foreach ($strip->discs as $disc)
            <figure>
                <svg width="{{ $strip::PITCH_MM }}mm" height="{{ $strip::PITCH_MM }}mm" viewBox="-22 -22 44 44" role="img" aria-label="{{ trim($disc['name'] . ' ' . $disc['time'] . ', ' . $disc['words']) }}">
                    <circle class="strip-ring" r="{{ $strip::RADIUS_MM }}"/>
                    <path class="strip-sun" fill-rule="evenodd" d="{{ $disc['path'] }}"/>
                    <path class="strip-top" d="M0 -21.5V-19.5"/>
                </svg>
                <figcaption><b>{{ trim($disc['name'] . ' ' . $disc['time']) }}</b> {{ $disc['words'] }}</figcaption>
            </figure>
        @endforeach
    </div>
    <svg class="strip-bar" width="102mm" height="6mm" viewBox="0 0 102 6" role="img" aria-label="{{ __('A bar 100 mm long') }}"><path class="screen-bar" d="M1 1V5M1 3H101M101 1V5"/></svg>
    <p class="note">{{ __('The bar is 100 mm long when printed at 100 %. Rings are 36 mm wide.') }}</p>
    <button type="button" class="btn btn-quiet" x-data="printPage" x-on:click="print">{{ __('Print') }}</button>
    @include('audience.sound')
</x-event-frame>
