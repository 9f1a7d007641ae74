@props(['panorama', 'place'])
@php use App\Drawings\Site\Projection; @endphp
{{-- The horizon view; App\Drawings\Site\Panorama computed every place. --}}
<figure class="panorama">
    <div class="scrolls" tabindex="0" role="region" aria-label="{{ __('Horizon view') }}">
    <svg viewBox="0 0 {{ Projection::WIDTH }} {{ $panorama->height }}" role="img" aria-label="{{ __('Horizon as seen from :place, with the Sun\'s way', ['place' => $place]) }}">
        <rect class="pano-sky" width="100%" height="100%"/>
        <x-svg-axis :ticks="$panorama->altitudes" axis="y" line="pano-grid" :to="Projection::WIDTH" label="pano-tick" at="6" dy="-3" />
        <polygon class="pano-far" points="{{ $panorama->horizon }}"/>
        @foreach ($panorama->track as $part)
            @if ($part['visibility'] === 'clear')
                <polyline class="pano-track" points="{{ $part['points'] }}"/>
            @endif
        @endforeach
        @foreach ($panorama->walls as $wall)
            <polygon @class(['pano-wall', 'is-tree' => $wall['isTree']]) points="{{ $wall['points'] }}"/>
        @endforeach
        @foreach ($panorama->track as $part)
            @if ($part['visibility'] === 'hidden')
                <polyline class="pano-track is-hidden" points="{{ $part['points'] }}"/>
            @endif
        @endforeach
        @foreach ($panorama->suns as $sun)
            <circle @class(['pano-halo', 'is-lost' => ! $sun['isClear']]) cx="{{ $sun['x'] }}" cy="{{ $sun['y'] }}" r="9"/>
            <circle @class(['pano-sun', 'is-lost' => ! $sun['isClear']]) cx="{{ $sun['x'] }}" cy="{{ $sun['y'] }}" r="{{ $sun['r'] }}"/>
            <text class="pano-label" x="{{ $sun['labelX'] }}" y="{{ $sun['labelY'] }}" text-anchor="middle">{{ $sun['label'] }}</text>
        @endforeach
        {{ $slot }}
        @foreach ($panorama->names as $name)
            <text class="pano-name" x="{{ $name['x'] }}" y="{{ $name['y'] }}" text-anchor="middle">{{ $name['text'] }}</text>
        @endforeach
        <line class="pano-level" x1="0" x2="{{ Projection::WIDTH }}" y1="{{ $panorama->groundY }}" y2="{{ $panorama->groundY }}"/>
        <x-svg-axis :ticks="$panorama->azimuths" axis="x" line="pano-level" :from="$panorama->groundY" :to="$panorama->height" label="pano-azimuth" :at="$panorama->height" dx="4" dy="-5" />
    </svg>
    </div>
    <figcaption>{{ __('One scale for both directions; the discs are as large as the Sun. Line: apparent altitude, dashed where hidden.') }}</figcaption>
</figure>
