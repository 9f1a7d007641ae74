@props(['ribbon', 'id'])
{{-- The shadow ribbon in little: day and night, the shade, the Sun's disc along it. --}}
<svg class="ribbon-strip" height="34" aria-hidden="true">
    <defs>
        <linearGradient id="strip-shade-{{ $id }}">
            @foreach ($ribbon->shade as $stop)
                <stop offset="{{ $stop['offset'] }}" class="stop-shadow" stop-opacity="{{ $stop['opacity'] }}"/>
            @endforeach
        </linearGradient>
        <clipPath id="strip-limb-{{ $id }}"><circle r="{{ $ribbon::LIMB_RADIUS_PX }}"/></clipPath>
    </defs>
    <rect class="ribbon-day" width="100%" height="34"/>
    <rect fill="url(#strip-shade-{{ $id }})" width="100%" height="34"/>
    @foreach ($ribbon->nights as $night)
        <rect class="strip-night" x="{{ $night['x'] }}%" width="{{ $night['width'] }}%" height="34"/>
    @endforeach
    @foreach ($ribbon->discs as $disc)
        @if ($disc->isMain)
            <svg x="{{ $disc->xPercent }}%" y="17" overflow="visible">
                <g transform="scale(0.8)"><x-ribbon-disc :disc="$disc" :ribbon="$ribbon" :clip="'strip-limb-' . $id" /></g>
            </svg>
        @endif
    @endforeach
    @if ($ribbon->nowPercent !== null)
        <line class="ribbon-now" x1="{{ $ribbon->nowPercent }}%" x2="{{ $ribbon->nowPercent }}%" y1="0" y2="34"/>
    @endif
</svg>
