<h2>{{ __('The pattern') }}</h2>
<div class="pattern-pair">
    <figure>
        <svg class="pattern-card" viewBox="0 0 {{ $pattern->widthPx }} {{ $pattern->heightPx }}" role="img" aria-label="{{ __('The card with its holes, as the Sun sees it') }}">
            <rect width="100%" height="100%"/>
            @foreach ($pattern->holes as $hole)
                <circle cx="{{ $hole['x'] }}" cy="{{ $hole['y'] }}" r="{{ $pattern->holePx }}"/>
            @endforeach
        </svg>
        <figcaption>{{ __('The card, to scale') }}</figcaption>
    </figure>
    <figure>
        <svg class="pattern-screen" viewBox="0 0 {{ $pattern->widthPx }} {{ $pattern->heightPx }}" role="img" aria-label="{{ __('The images on the screen at the chosen time') }}">
            <defs>
                <clipPath id="pattern-bite"><path class="pattern-moon" clip-rule="evenodd" d="M-9 -9H9V9H-9Z" data-flip-x="{{ $pattern->flipX }}" data-flip-y="{{ $pattern->flipY }}"/></clipPath>
                <filter id="pattern-soft" x="-60%" y="-60%" width="220%" height="220%"><feGaussianBlur stdDeviation="{{ $pattern->blurPx }}"/></filter>
                <g id="pattern-image" filter="url(#pattern-soft)"><g transform="scale({{ $pattern->sunPx }})"><circle class="pattern-image" r="1" clip-path="url(#pattern-bite)"/></g></g>
            </defs>
            <rect width="100%" height="100%"/>
            @foreach ($pattern->holes as $hole)
                <use href="#pattern-image" x="{{ $hole['x'] }}" y="{{ $hole['y'] }}"/>
            @endforeach
        </svg>
        <figcaption>{{ __('On the screen at the chosen time, each hole an image') }}</figcaption>
    </figure>
</div>
