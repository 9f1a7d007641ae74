<g class="plan-thing plan-{{ $shape->kind }} is-{{ $shape->shape }}" data-index="{{ $shape->index }}" data-name="{{ $shape->name }}" data-kind="{{ $shape->kind }}" data-height-word="{{ $shape->heightWord }}"
    data-shape="{{ $shape->shape }}" tabindex="0" role="button" aria-label="{{ $shape->label }}">
    <title>{{ $shape->label }}</title>
    @switch($shape->shape)
        @case('area')<polygon points="{{ $shape->points }}" vector-effect="non-scaling-stroke"/>@break
        @case('line')<polyline points="{{ $shape->points }}" vector-effect="non-scaling-stroke"/>@break
        @case('round')<circle cx="{{ $shape->x }}" cy="{{ $shape->y }}" r="{{ $shape->radius }}" vector-effect="non-scaling-stroke"/>@break
        @case('point')<circle cx="{{ $shape->x }}" cy="{{ $shape->y }}" r="0.55em" vector-effect="non-scaling-stroke"/>@break
    @endswitch
    <text x="{{ $shape->nameX }}" y="{{ $shape->nameY }}" dy="0.35em" text-anchor="{{ $shape->nameAnchor }}">{{ $shape->isNamed ? $shape->name : '' }}</text>
</g>
