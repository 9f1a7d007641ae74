<div class="sideways" tabindex="0" role="region" aria-label="{{ __('Sharp against bright') }}">
    <svg class="trade-off" viewBox="-56 -22 776 258" data-least="{{ $curve->leastMm }}" data-most="{{ $curve->mostMm }}" data-width="{{ $curve::WIDTH_PX }}" role="group" aria-label="{{ __('Details across the disc and brightness against the width of the opening') }}">
        @if ($curve->blindX !== null)
            <svg x="{{ $curve->blindX }}" width="{{ $curve->blindWidth() }}" height="{{ $curve::HEIGHT_PX }}"><rect class="trade-blind" width="100%" height="100%"/>@if ($curve->saysBlind())<text class="side-text" x="6" y="16">{{ __('wider than the image') }}</text>@else<title>{{ __('wider than the image') }}</title>@endif</svg>
        @endif
        <rect class="trade-blob" y="{{ $curve->fewestY }}" width="{{ $curve::WIDTH_PX }}" height="{{ $curve->blobHeight() }}"/>
        <text class="side-text" x="6" y="{{ $curve->blobTextY() }}">{{ __('a crescent looks like a blob') }}</text>
        <path class="trade-frame" d="M0 0 V{{ $curve::HEIGHT_PX }} H{{ $curve::WIDTH_PX }} V0"/>
        <x-svg-axis :ticks="$curve->widths" axis="x" at="208" label="trade-tick is-middle" line="trade-line" :from="0" :to="$curve::HEIGHT_PX" />
        <x-svg-axis :ticks="$curve->sharpness" axis="y" at="-8" label="trade-tick is-details" dy="4" text-anchor="end" />
        <x-svg-axis :ticks="$curve->brightness" axis="y" at="648" label="trade-tick is-lux" dy="4" />
        @foreach ($curve->best as $best)
            <line class="trade-best" x1="{{ $best->at }}" x2="{{ $best->at }}" y2="{{ $curve::HEIGHT_PX }}"/>
        @endforeach
        <polyline class="trade-lux" points="{{ $curve->lux }}"/>
        <polyline class="trade-details" points="{{ $curve->details }}"/>
        <text class="side-text" x="-56" y="-9">{{ __('details across (line)') }}</text>
        <text class="side-text" x="720" y="-9" text-anchor="end">{{ __('lux (dashes)') }}</text>
        <text class="side-text" x="320" y="230" text-anchor="middle">{{ __('width of the opening, mm') }}{{ $curve->best === [] ? '' : '; ' . __('dotted: 1.41, 1.56 and 1.9·√(λL)') }}</text>
        <g class="handle" data-slides tabindex="0" role="slider" aria-label="{{ __('Width of the opening') }}" aria-valuemin="{{ $curve->leastMm }}" aria-valuemax="{{ $curve->mostMm }}" aria-valuenow="{{ $curve->hereMm }}" aria-valuetext="{{ __(':n mm', ['n' => $curve->hereMm]) }}" transform="translate({{ $curve->hereX }} 0)">
            <rect class="handle-reach" x="-22" y="0" width="44" height="{{ $curve::HEIGHT_PX }}"/>
            <line class="trade-here" y2="{{ $curve::HEIGHT_PX }}"/>
            <circle class="trade-dot" cy="{{ $curve->hereDetailsY }}" r="6"/>
            <circle class="trade-dot is-lux" cy="{{ $curve->hereLuxY }}" r="5"/>
            <text class="side-text" y="-9" text-anchor="middle">{{ __('you are here') }}</text>
        </g>
    </svg>
</div>
