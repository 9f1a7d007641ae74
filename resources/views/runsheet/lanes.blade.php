{{-- App\Drawings\RunSheet\Lanes computed every place; percentages are those of the ribbon. --}}
@php
    $routes = ['cue' => ['runsheet.edit', 'runsheet.move'], 'turn' => ['runsheet.turns.edit', 'runsheet.turns.move'], 'post' => ['runsheet.posts.edit', 'runsheet.posts.move']];
@endphp
<div class="lanes" id="sheet-lanes">
    @foreach ($lanes->lanes as $lane)
        <div class="lane">
            <span class="lane-name">{{ $lane->name }}</span>
            <svg height="{{ $lane->heightPx }}" role="group" aria-label="{{ $lane->name }}">
                @foreach ($ribbon->contacts as $mark)
                    <line class="lane-mark" x1="{{ $mark->xPercent }}%" x2="{{ $mark->xPercent }}%" y1="0" y2="100%"/>
                @endforeach
                @foreach ($lane->blocks as $block)
                    <svg y="{{ $block->yPx }}" height="26" width="100%" overflow="visible">
                        @if ($block->entry->what === '')
                            <g class="cue-block is-{{ $block->entry->kind }}">
                                <rect class="cue-bar" x="{{ $block->xPercent }}%" width="{{ $block->widthPercent }}%" y="3" height="20"/>
                                <rect class="cue-tick" x="{{ $block->xPercent }}%" width="4" y="3" height="20"/>
                                <text class="cue-text" x="{{ $block->xPercent }}%" dx="8" y="18">@if ($block->entry->isFaulty)<tspan class="cue-fault">! </tspan>@endif<tspan class="cue-time">{{ $block->entry->time }}</tspan> {{ $block->entry->label }}</text>
                            </g>
                        @else
                            <a class="cue-block is-{{ $block->entry->kind }}" @can('update', $event) href="{{ route($routes[$block->entry->what][0], [$event, $block->entry->id]) }}" data-move="{{ route($routes[$block->entry->what][1], [$event, $block->entry->id]) }}" @endcan
                                data-cue="{{ $block->entry->id }}" data-offset="{{ $block->entry->offsetS }}" data-length="{{ $block->entry->durationS }}" aria-label="{{ $block->entry->time }} {{ $block->entry->label }}{{ $block->entry->isFaulty ? ' · ' . __('look at it') : '' }}" @if ($block->entry->what !== 'cue') data-whole="{{ $stepS }}" @endif>
                                <rect class="cue-hit" x="{{ $block->xPercent }}%" width="{{ $block->widthPercent }}%" y="1" height="24"/>
                                <rect class="cue-bar" x="{{ $block->xPercent }}%" width="{{ $block->widthPercent }}%" y="3" height="20"/>
                                <rect class="cue-tick" x="{{ $block->xPercent }}%" width="4" y="3" height="20"/>
                                <text class="cue-text" x="{{ $block->xPercent }}%" dx="{{ $block->isBefore ? -6 : 8 }}" y="18" @if ($block->isBefore) text-anchor="end" @endif>@if ($block->entry->isFaulty)<tspan class="cue-fault">! </tspan>@endif<tspan class="cue-time">{{ $block->entry->time }}</tspan> {{ $block->entry->label }}</text>
                            </a>
                        @endif
                    </svg>
                @endforeach
            </svg>
        </div>
    @endforeach
</div>
