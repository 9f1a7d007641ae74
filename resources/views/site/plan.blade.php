@php use App\Text\SiteWords; use KeenShadow\Core\Site\Plan\ThingKind; @endphp
<div class="plan-tools" role="toolbar" aria-label="{{ __('Draw') }}">
    @can('update', $event)
        <label class="visually-hidden" for="plan-kind">{{ __('What to draw') }}</label>
        <select class="form-select" id="plan-kind" data-part="kind">
            @foreach (SiteWords::choices() as $group => $kinds)
                <optgroup label="{{ $group }}">
                    @foreach ($kinds as $kind => $word)
                        <option value="{{ $kind }}" data-shape="{{ ThingKind::from($kind)->shape()->value }}" data-least="{{ ThingKind::from($kind)->leastPoints() }}" data-most="{{ ThingKind::from($kind)->mostPoints() }}" data-radius="{{ ThingKind::from($kind)->usualRadiusM() }}" @if (ThingKind::from($kind)->isOpening()) data-opening @endif @selected($kind === 'building')>{{ $word }}</option>
                    @endforeach
                </optgroup>
            @endforeach
        </select>
        <button type="button" class="btn btn-quiet" x-on:click="draw" x-bind:aria-pressed="drawing">{{ __('Draw') }}</button>
        <button type="button" class="btn btn-quiet" x-show="drawing" x-cloak x-on:click="finish">{{ __('Finish') }}</button>
        <button type="button" class="btn btn-quiet" x-show="drawing" x-cloak x-on:click="takeBack">{{ __('Remove the last corner') }}</button>
        <form method="post" action="{{ route('site.undo', $event) }}" x-on:submit.prevent="send">
            @csrf
            <input type="hidden" name="from" value="{{ $page->numbers->revision }}">
            <input type="hidden" name="spot" value="{{ $page->view->place->name }}">
            <button class="btn btn-quiet" data-undo @disabled(! $page->canUndo)>{{ __('Undo') }}</button>
            <button class="btn btn-quiet" formaction="{{ route('site.redo', $event) }}" data-redo @disabled(! $page->canRedo)>{{ __('Redo') }}</button>
        </form>
        <label class="plan-snap"><input class="form-check-input" type="checkbox" x-model="snaps"> {{ __('Snap') }}</label>
    @endcan
    <span class="plan-zoom">
        <button type="button" class="btn btn-quiet" x-on:click="zoomIn" aria-label="{{ __('Zoom in') }}">+</button>
        <button type="button" class="btn btn-quiet" x-on:click="zoomOut" aria-label="{{ __('Zoom out') }}">−</button>
        <button type="button" class="btn btn-quiet" x-on:click="whole">{{ __('All') }}</button>
    </span>
</div>
@if ($page->isEmpty())
    <p class="note">{{ __('Nothing is drawn yet. Choose “Building” and press Draw, then tap its corners on the grid; put “Viewers” where people will stand. The middle of the grid is the event\'s place. Heights matter most: a wall\'s height is its shadow times the tangent of the Sun\'s altitude.') }}</p>
@endif
<p class="plan-hint" x-show="drawing" x-cloak>{{ __('Tap the corners in order; Finish, Enter or a tap on the first corner closes it. Keys: arrows move the cross, space sets a corner, Backspace takes it back, Escape gives up.') }}</p>
<div class="plan-frame">
<svg class="plan" data-part="plan" viewBox="{{ $page->drawing->box->left }} {{ $page->drawing->box->top }} {{ $page->drawing->box->width }} {{ $page->drawing->box->height }}"
    tabindex="0" role="group" aria-label="{{ __('Site plan, north up. Tab goes from thing to thing, arrows move the chosen one, Delete removes it.') }}"
    x-bind:class="drawing ? 'is-drawing' : ''"
    x-on:pointerdown="grab" x-on:pointermove="drag" x-on:pointerup="drop" x-on:pointercancel="letGo" x-on:wheel.prevent="wheel" x-on:keydown="key" x-on:focusin="focused">
    <defs>
        <pattern id="plan-grid" width="10" height="10" patternUnits="userSpaceOnUse"><path class="plan-grid" d="M10 0H0V10" vector-effect="non-scaling-stroke"/></pattern>
        <pattern id="plan-lost" width="2" height="2" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><path class="plan-hatch" d="M0 0V2" vector-effect="non-scaling-stroke"/></pattern>
    </defs>
    <rect class="plan-paper" x="-2500" y="-2500" width="5000" height="5000"/>
    <rect x="-2500" y="-2500" width="5000" height="5000" fill="url(#plan-grid)"/>
    <g data-part="drawn" font-size="{{ $page->drawing->letterM() }}">
        @each('site.thing', $page->drawing->grounds, 'shape')
        @if ($page->cells)
            <g class="plan-cells">
                @foreach ($page->cells->levels as $level => $path)
                    <path class="level-{{ $level }}" d="{{ $path }}"/>
                @endforeach
                <path class="is-lost" d="{{ $page->cells->lost }}"/>
            </g>
        @endif
        <path class="plan-shadows" data-part="shade" d="{{ $page->cells ? '' : $page->shade->drawing->path }}"/>
        @each('site.thing', $page->drawing->standing, 'shape')
        <g class="plan-fan" data-part="fan" transform="translate({{ $page->drawing->spot->x }} {{ $page->drawing->spot->y }})" data-index="{{ $page->drawing->spotIndex }}" data-name="{{ $page->view->place->name }}">
            @foreach ($page->drawing->rays as $ray)
                <line @class(['is-main' => $ray->isMain, 'is-hidden' => $ray->isHidden]) x2="{{ $ray->x }}" y2="{{ $ray->y }}" vector-effect="non-scaling-stroke"/>
                <text x="{{ $ray->label->x }}" y="{{ $ray->label->y }}" dy="0.35em" text-anchor="{{ $ray->label->anchor }}" @class(['is-main' => $ray->isMain])>{{ $ray->label->text }}</text>
            @endforeach
        </g>
        @if ($page->cells)
            <g class="plan-cells">
                @foreach ($page->cells->best as $best)
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
<svg class="plan-bar" data-part="scale" viewBox="0 0 {{ $page->drawing->box->width }} 1" preserveAspectRatio="none" aria-hidden="true"><rect data-part="bar" width="{{ $page->drawing->barM }}" height="1"/></svg>
<p class="plan-foot"><b data-part="barWords">{{ $page->drawing->barM }} m</b> · {{ __('North up, grid 10 m. Rays: where the Sun stands; dashed where it is hidden from “:spot”.', ['spot' => $page->view->place->name]) }}</p>
<p class="plan-best">
    @if ($page->cells)
        <a class="btn btn-quiet" href="{{ route('site.show', [$event, 'spot' => $page->view->place->name]) }}" data-best="" x-on:click.prevent="best">{{ __('Hide the map of spots') }}</a>
    @else
        <a class="btn btn-quiet" href="{{ route('site.show', [$event, 'spot' => $page->view->place->name, 'best' => 1]) }}" data-best="1" x-on:click.prevent="best">{{ __('Where is the best spot?') }}</a>
    @endif
</p>
@if ($page->cells)
    <ul class="plan-key">
        @foreach ([__('sees all of it'), __('75 % and more'), __('50 %'), __('25 %'), __('less')] as $level => $word)
            <li><svg viewBox="0 0 18 14" aria-hidden="true" class="plan-cells"><path class="level-{{ $level }}" d="M0 0H18V14H0Z"/></svg>{{ $word }}</li>
        @endforeach
        <li><svg viewBox="0 0 18 14" aria-hidden="true"><path class="plan-hatch" d="M-2 10L8 0M2 16L18 0M12 16L20 8"/></svg>{{ __('loses the maximum') }}</li>
    </ul>
    <ol class="plan-bests">
        @foreach ($page->cells->best as $best)
            <li>{{ $best['words'] }}</li>
        @endforeach
    </ol>
    <p class="note">{{ __('Cells of :m m, for eyes :eye m up. Each minute counts by the area covered then; where ground is drawn only that is looked at. Walk there and look before you decide.', ['m' => round($page->cells->cellM, 1), 'eye' => $page->view->place->heightM]) }}</p>
@endif
<div class="plan-time">
    <label for="plan-minute">{{ __('Shade at') }}</label>
    <input type="range" id="plan-minute" min="0" max="{{ $page->shade->minutes }}" value="{{ $page->shade->minute }}" step="5" data-part="minute" x-on:input="shadeLater">
    <output data-part="shadeWords" for="plan-minute"><b>{{ $page->shade->drawing->time }}</b> {{ $page->shade->drawing->words }}</output>
</div>
@can('update', $event)
    <div class="plan-chosen" x-show="chosen !== null" x-cloak x-on:input="touched = true">
        <b x-text="chosenName"></b>
        <label x-show="has('height_m')"><span x-text="heightWord"></span> <input class="form-control" inputmode="decimal" data-part="height_m" data-field="height_m" x-on:change="retype"></label>
        <label x-show="has('radius_m')">{{ __('Radius, m') }} <input class="form-control" inputmode="decimal" data-part="radius_m" data-field="radius_m" x-on:change="retype"></label>
        <label x-show="has('sill_m')">{{ __('Lower edge, m') }} <input class="form-control" inputmode="decimal" data-part="sill_m" data-field="sill_m" x-on:change="retype"></label>
        <label>{{ __('Name') }} <input class="form-control" data-part="name" data-field="name" maxlength="60" x-on:change="retype"></label>
        <button type="button" class="btn btn-quiet" x-on:click="turn" x-show="canTurn">{{ __('Turn 15°') }}</button>
        <button type="button" class="btn btn-quiet" x-on:click="swapSides" x-show="isOpening">{{ __('Face the other way') }}</button>
        <button type="button" class="btn btn-quiet" x-on:click="remove">{{ __('Remove') }}</button>
        <p class="hint" x-show="canTurn">{{ __('Drag it, or a corner; a small dot between two corners becomes a new one. Keys on a corner: arrows, Insert, Delete.') }}</p>
    </div>
@endcan
