@props(['curves', 'ribbon'])
{{-- Obscuration (dark) and altitude (line) on the ribbon's axis; App\Drawings\Sky\SkyCurves computed the points. --}}
<figure class="curves">
    <svg height="190" role="img" aria-label="{{ __('Covered area and altitude of the Sun against time') }}">
        <svg y="10" width="100%" height="150" viewBox="0 0 100 100" preserveAspectRatio="none">
            <polygon class="curve-covered" points="{{ $curves->obscuration }}"/>
            <polyline class="curve-altitude" points="{{ $curves->altitude }}" vector-effect="non-scaling-stroke"/>
            <path class="curve-frame" d="M0 0H100M0 50H100M0 100H100" vector-effect="non-scaling-stroke"/>
        </svg>
        @foreach ($ribbon->nights as $night)
            <rect class="curve-night" x="{{ $night['x'] }}%" y="10" width="{{ $night['width'] }}%" height="150"/>
        @endforeach
        @foreach ($ribbon->contacts as $mark)
            <line class="ribbon-tick is-hour" x1="{{ $mark->xPercent }}%" x2="{{ $mark->xPercent }}%" y1="10" y2="160"/>
            <text class="ribbon-hour" x="{{ $mark->xPercent }}%" y="176" text-anchor="middle">{{ $mark->until === '' ? $mark->label : "{$mark->label}–{$mark->until}" }}</text>
        @endforeach
        @foreach ($ribbon->crossings as $mark)
            <text class="ribbon-hour" x="{{ $mark->xPercent }}%" y="188" text-anchor="middle">{{ $mark->label }} {{ $mark->time }}</text>
        @endforeach
        @foreach ([['20', '100 %'], ['91', '50 %']] as [$y, $label])
            <text class="curve-label" x="4" y="{{ $y }}">{{ $label }}</text>
        @endforeach
        <svg y="10" height="150" width="100%" overflow="visible">
            <x-svg-axis :ticks="$curves->altitudeTicks" axis="y" unit="%" label="curve-label is-altitude" at="99.5%" text-anchor="end" />
        </svg>
    </svg>
    <figcaption><span class="key is-covered"></span> {{ __('area covered, left scale') }} <span class="key is-altitude"></span> {{ __('altitude with refraction, right scale') }}</figcaption>
</figure>
