<svg class="sheet" viewBox="{{ $drawing->box->left }} {{ $drawing->box->top }} {{ $drawing->box->width }} {{ $drawing->box->height }}" role="img" aria-label="{{ $drawing->name }}">
    @foreach ($drawing->paths as $path)
        <polyline class="{{ $path->class }}" points="{{ $path->points }}" vector-effect="non-scaling-stroke"/>
    @endforeach
    @foreach ($drawing->rounds as $round)
        <circle class="{{ $round['class'] }}" cx="{{ $round['x'] }}" cy="{{ $round['y'] }}" r="{{ $round['r'] }}" vector-effect="non-scaling-stroke"/>
    @endforeach
    @foreach ($drawing->notes as $note)
        <text x="{{ $note->x }}" y="{{ $note->y }}" text-anchor="middle" font-size="{{ $drawing->letter }}">{{ $note->text }}</text>
    @endforeach
</svg>
