@props(['label', 'site' => true])
{{-- The sheet of a map; a script draws the outlines, the slot holds what lies over them. --}}
<div class="map-canvas">
    <svg x-ref="canvas" viewBox="-180 -90 360 180" tabindex="0" role="application" aria-label="{{ $label }}"
        x-on:pointerdown="grab" x-on:pointermove="drag" x-on:pointerup="drop" x-on:pointercancel="drop" x-on:wheel.prevent="wheel" x-on:keydown="key">
        <rect class="map-sea" x="-180" y="-90" width="360" height="180"/>
        <path class="map-land" x-ref="land"/>
        <path class="map-grid" d="M-180 0H180M-180 -66.56H180M-180 -23.44H180M-180 23.44H180M-180 66.56H180" vector-effect="non-scaling-stroke"/>
        {{ $slot }}
        <path class="map-site" x-ref="site" vector-effect="non-scaling-stroke"/>
        <path class="map-point" x-ref="point" vector-effect="non-scaling-stroke"/>
    </svg>
    <p class="map-buttons">
        <button type="button" class="btn btn-quiet" x-on:click="zoomIn" aria-label="{{ __('Zoom in') }}">+</button>
        <button type="button" class="btn btn-quiet" x-on:click="zoomOut" aria-label="{{ __('Zoom out') }}">−</button>
        <button type="button" class="btn btn-quiet" x-on:click="whole">{{ __('World') }}</button>
        @if ($site)
            <button type="button" class="btn btn-quiet" x-on:click="site">{{ __('Here') }}</button>
        @endif
    </p>
</div>
