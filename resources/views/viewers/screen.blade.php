{{-- What stands on the screen at the chosen minute: true size and enlarged. The server computes the pictures, the script asks for them. --}}
<section class="on-screen" aria-label="{{ __('On the screen here') }}">
    <script type="application/json" nonce="{{ Vite::cspNonce() }}" id="screen-samples">@json($page->samples())</script>
    <div class="on-screen-pair">
        <figure>
            <svg class="on-screen-true" x-ref="true" width="{{ $page->bench->trueSize->frameMm }}mm" height="{{ $page->bench->trueSize->frameMm }}mm" role="img" aria-label="{{ __('The Sun\'s image in its true size') }}"><image width="100%" height="100%" preserveAspectRatio="none"/></svg>
        </figure>
        <figure>
            <img class="on-screen-large" x-ref="large" alt="{{ __('The Sun\'s image on the screen, enlarged, as soft as it will be') }}" width="256" height="256">
        </figure>
        <div class="on-screen-words">
            <p class="on-screen-time" x-text="title"></p>
            <p x-text="covered"></p>
            <label class="visually-hidden" for="screen-time">{{ __('Time') }}</label>
            <input class="form-range" type="range" id="screen-time" min="0" max="{{ count($page->samples()) }}" value="0" x-ref="time" data-begin="{{ $page->begin }}" x-on:input.stop="move">
            @if ($page->moments === [])
                <p>{{ __('During the eclipse the Sun is down here all the while: there will be no picture. The figures are of a high Sun on another day.') }}</p>
            @endif
            <p class="on-screen-moments">
                @foreach ($page->moments as $moment)
                    <button type="button" class="btn btn-quiet" data-second="{{ $moment->second }}">{{ $moment->name }} <span class="meaning">{{ $moment->time }}, {{ $moment->obscuration }} %</span></button>
                @endforeach
            </p>
        </div>
    </div>
</section>
