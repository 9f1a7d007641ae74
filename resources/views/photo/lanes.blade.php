{{-- App\Drawings\Photo\ShotLane computed every place; percentages are those of the ribbon. --}}
<div class="lanes">
    @foreach ($lanes as $lane)
        <div class="lane">
            <span class="lane-name">{{ $lane->name }}</span>
            <svg class="shot-lane" height="26" role="img" aria-label="{{ trans_choice('{0} :name: no picture with the filter on|{1} :name: 1 picture with the filter on|[2,*] :name: :count pictures with the filter on', count($lane->pictures), ['name' => $lane->name]) }}">
                @foreach ($ribbon->contacts as $mark)
                    <line class="lane-mark" x1="{{ $mark->xPercent }}%" x2="{{ $mark->xPercent }}%" y1="0" y2="100%"/>
                @endforeach
                @foreach ($lane->pictures as $x)
                    <line class="shot-tick" x1="{{ $x }}%" x2="{{ $x }}%" y1="7" y2="19"/>
                @endforeach
                @if ($lane->free !== null)
                    <rect class="shot-free" x="{{ $lane->free['x'] }}%" width="{{ $lane->free['width'] }}%" y="3" height="20"/>
                @endif
            </svg>
        </div>
    @endforeach
</div>
