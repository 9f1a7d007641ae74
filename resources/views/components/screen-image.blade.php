@props(['image', 'widthMm', 'id'])
<svg width="{{ $widthMm }}mm" height="{{ $widthMm }}mm" viewBox="{{ $image->cornerMm }} {{ $image->cornerMm }} {{ $image->frameMm }} {{ $image->frameMm }}" role="img" aria-label="{{ __('The Sun\'s image on the screen at this moment') }}">
    <defs>
        <clipPath id="{{ $id }}-limb"><circle r="{{ $image->limbMm }}"/></clipPath>
        <filter id="{{ $id }}-soft" x="-50%" y="-50%" width="200%" height="200%"><feGaussianBlur stdDeviation="{{ $image->sigmaMm }}"/></filter>
    </defs>
    <rect class="screen-card" x="-50%" y="-50%" width="100%" height="100%"/>
    <g filter="url(#{{ $id }}-soft)">
        <circle class="screen-sun" r="{{ $image->sunRadiusMm }}"/>
        <circle class="screen-moon" cx="{{ $image->moonXMm }}" cy="{{ $image->moonYMm }}" r="{{ $image->moonRadiusMm }}" clip-path="url(#{{ $id }}-limb)"/>
    </g>
</svg>
