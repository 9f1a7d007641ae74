{{-- App\Drawings\RunSheet\Lanes computed every place; percentages are those of the ribbon. --}}
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
                        @if ($block->id === '')
                            <g class="cue-block is-filters">
                                <rect class="cue-tick" x="{{ $block->xPercent }}%" width="4" y="3" height="20"/>
                                <text class="cue-text" x="{{ $block->xPercent }}%" dx="8" y="18"><tspan class="cue-time">{{ $block->time }}</tspan> {{ $block->label }}</text>
                            </g>
                        @else
                            <a class="cue-block is-{{ $block->kind }}" @can('update', $event) href="{{ route('runsheet.edit', [$event, $block->id]) }}" data-move="{{ route('runsheet.move', [$event, $block->id]) }}" @endcan
                                data-cue="{{ $block->id }}" data-offset="{{ $block->offsetS }}" data-length="{{ $block->durationS }}" aria-label="{{ $block->time }} {{ $block->label }}{{ $block->isFaulty ? ' · ' . __('look at it') : '' }}">
                                <rect class="cue-hit" x="{{ $block->xPercent }}%" width="{{ $block->widthPercent }}%" y="1" height="24"/>
                                <rect class="cue-bar" x="{{ $block->xPercent }}%" width="{{ $block->widthPercent }}%" y="3" height="20"/>
                                <rect class="cue-tick" x="{{ $block->xPercent }}%" width="4" y="3" height="20"/>
                                <text class="cue-text" x="{{ $block->xPercent }}%" dx="{{ $block->isBefore ? -6 : 8 }}" y="18" @if ($block->isBefore) text-anchor="end" @endif>@if ($block->isFaulty)<tspan class="cue-fault">! </tspan>@endif<tspan class="cue-time">{{ $block->time }}</tspan> {{ $block->label }}</text>
                            </a>
                        @endif
                    </svg>
                @endforeach
            </svg>
        </div>
    @endforeach
</div>
