{{-- What only the plan and the Sun say, and the same for everybody: kept. --}}
<div class="plan-frame">
<svg class="plan" data-part="plan" viewBox="{{ $drawing->box->left }} {{ $drawing->box->top }} {{ $drawing->box->width }} {{ $drawing->box->height }}"
    tabindex="0" role="group" aria-label="{{ __('Site plan, north up. Tab goes from thing to thing, arrows move the chosen one, Delete removes it.') }}"
    x-bind:class="drawing ? 'is-drawing' : ''"
    x-on:pointerdown="grab" x-on:pointermove="drag" x-on:pointerup="drop" x-on:pointercancel="letGo" x-on:wheel.prevent="wheel" x-on:keydown="key" x-on:focusin="focused">
    <defs>
        <pattern id="plan-grid" width="10" height="10" patternUnits="userSpaceOnUse"><path class="plan-grid" d="M10 0H0V10" vector-effect="non-scaling-stroke"/></pattern>
        <pattern id="plan-lost" width="2" height="2" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path class="plan-hatch" d="M0 0V2" vector-effect="non-scaling-stroke"/></pattern>
    </defs>
    <rect class="plan-paper" x="-2500" y="-2500" width="5000" height="5000"/>
    <rect x="-2500" y="-2500" width="5000" height="5000" fill="url(#plan-grid)"/>
    <g data-part="drawn" font-size="{{ $drawing->letterM() }}">
        @each('site.thing', $drawing->grounds, 'shape')
        @if ($cells)
            <g class="plan-cells">
                @foreach ($cells->levels as $level => $path)
                    <path class="level-{{ $level }}" d="{{ $path }}"/>
                @endforeach
                <path class="is-lost" d="{{ $cells->lost }}"/>
            </g>
        @endif
        <path class="plan-shadows" data-part="shade" d="{{ $cells ? '' : $shade->drawing->path }}"/>
        @each('site.thing', $drawing->standing, 'shape')
        <g class="plan-fan" data-part="fan" transform="translate({{ $drawing->spot->x }} {{ $drawing->spot->y }})" data-index="{{ $drawing->spotIndex }}" data-name="{{ $spot }}">
            @foreach ($drawing->rays as $ray)
                <line @class(['is-main' => $ray->isMain, 'is-hidden' => $ray->isHidden]) x2="{{ $ray->x }}" y2="{{ $ray->y }}" vector-effect="non-scaling-stroke"/>
                <text x="{{ $ray->label->x }}" y="{{ $ray->label->y }}" dy="0.35em" text-anchor="{{ $ray->label->anchor }}" @class(['is-main' => $ray->isMain])>{{ $ray->label->text }}</text>
            @endforeach
        </g>
        @if ($cells)
            <g class="plan-cells">
                @foreach ($cells->best as $best)
                    <circle cx="{{ $best['x'] }}" cy="{{ $best['y'] }}" r="0.9em" vector-effect="non-scaling-stroke"/>
                    <text x="{{ $best['x'] }}" y="{{ $best['y'] }}" dy="0.35em" text-anchor="middle">{{ $loop->iteration }}</text>
                @endforeach
            </g>
        @endif
        <g data-part="handles"></g>
        <g data-part="pencil" class="plan-pencil"></g>
    </g>
</svg>
<svg class="plan-north" viewBox="0 0 20 34" aria-hidden="true"><path d="M10 1L15 15H5Z"/><path d="M10 14V20"/><text x="10" y="32" text-anchor="middle">N</text></svg>
</div>
<svg class="plan-bar" data-part="scale" viewBox="0 0 {{ $drawing->box->width }} 1" preserveAspectRatio="none" aria-hidden="true"><rect data-part="bar" width="{{ $drawing->barM }}" height="1"/></svg>
<p class="plan-foot"><b data-part="barWords">{{ $drawing->barM }} m</b> · {{ __('North up, grid 10 m. Rays: where the Sun stands; dashed where it is hidden from “:spot”.', ['spot' => $spot]) }}</p>
<p class="plan-best">
    @if ($cells)
        <a class="btn btn-quiet" href="{{ route('site.show', [$event, 'spot' => $spot], false) }}" data-best="" x-on:click.prevent="best">{{ __('Hide the map of spots') }}</a>
    @else
        <a class="btn btn-quiet" href="{{ route('site.show', [$event, 'spot' => $spot, 'best' => 1], false) }}" data-best="1" x-on:click.prevent="best">{{ __('Where is the best spot?') }}</a>
    @endif
</p>
@if ($cells)
    <ul class="plan-key">
        @foreach ([__('sees all of it'), __('75 % and more'), __('50 %'), __('25 %'), __('less')] as $level => $word)
            <li><svg viewBox="0 0 18 14" aria-hidden="true" class="plan-cells"><path class="level-{{ $level }}" d="M0 0H18V14H0Z"/></svg>{{ $word }}</li>
        @endforeach
        <li><svg viewBox="0 0 18 14" aria-hidden="true"><path class="plan-hatch" d="M-2 10L8 0M2 16L18 0M12 16L20 8"/></svg>{{ __('loses the maximum') }}</li>
    </ul>
    <ol class="plan-bests">
        @foreach ($cells->best as $best)
            <li>{{ $best['words'] }}</li>
        @endforeach
    </ol>
    <p class="note">{{ __('Cells of :m m, for eyes :eye m up. Each minute counts by the area covered then; where ground is drawn only that is looked at. Walk there and look before you decide.', ['m' => round($cells->cellM, 1), 'eye' => $eyeM]) }}</p>
@endif
<div class="plan-time">
    <label for="plan-minute">{{ __('Shade at') }}</label>
    <input type="range" id="plan-minute" min="0" max="{{ $shade->minutes }}" value="{{ $shade->minute }}" step="5" data-part="minute" x-on:input="shadeLater">
    <output data-part="shadeWords" for="plan-minute"><b>{{ $shade->drawing->time }}</b> {{ $shade->drawing->words }}</output>
</div>
