@php use App\Text\SiteWords; @endphp
<g class="plan-thing plan-{{ $shape->thing->kind->value }} is-{{ $shape->thing->kind->shape()->value }}" data-index="{{ $shape->index }}" data-name="{{ $shape->thing->name }}" data-kind="{{ $shape->thing->kind->value }}" data-height-word="{{ SiteWords::height($shape->thing->kind) }}"
    data-shape="{{ $shape->thing->kind->shape()->value }}" tabindex="0" role="button" aria-label="{{ $shape->label }}">
    <title>{{ $shape->label }}</title>
    @switch($shape->thing->kind->shape()->value)
        @case('area')<polygon points="{{ $shape->points }}" vector-effect="non-scaling-stroke"/>@break
        @case('line')<polyline points="{{ $shape->points }}" vector-effect="non-scaling-stroke"/>@break
        @case('round')<circle cx="{{ $shape->at->x }}" cy="{{ $shape->at->y }}" r="{{ $shape->thing->radiusM }}" vector-effect="non-scaling-stroke"/>@break
        @case('point')<circle cx="{{ $shape->at->x }}" cy="{{ $shape->at->y }}" r="0.55em" vector-effect="non-scaling-stroke"/>@break
    @endswitch
    <text x="{{ $shape->name->x }}" y="{{ $shape->name->y }}" dy="0.35em" text-anchor="{{ $shape->name->anchor }}">{{ $shape->name->text }}</text>
</g>
