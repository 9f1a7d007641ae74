{{-- App\Drawings\Logbook\MeasuredCurves computed every point; percentages are those of the ribbon. --}}
<div class="measured">
    @foreach ($curves->strips as $strip)
        <figure class="measured-strip">
            <svg height="136" role="img" aria-label="{{ __(':quantity against time, under the ribbon', ['quantity' => $strip['name']]) }}">
                @foreach ($ribbon->contacts as $mark)
                    <line class="lane-mark" x1="{{ $mark->xPercent }}%" x2="{{ $mark->xPercent }}%" y1="16" y2="126"/>
                @endforeach
                <svg y="16" height="110" width="100%">
                    <x-svg-axis :ticks="$strip['ticks']" axis="y" unit="%" line="measured-grid" from="0" to="100%" />
                </svg>
                <svg y="16" width="100%" height="110" viewBox="0 0 100 100" preserveAspectRatio="none" overflow="visible">
                    @foreach ($strip['guides'] as $line)
                        @foreach ($line['paths'] as $points)
                            <polyline class="measured-guide" points="{{ $points }}" vector-effect="non-scaling-stroke"/>
                        @endforeach
                    @endforeach
                    @foreach ($strip['lines'] as $line)
                        @foreach ($line['paths'] as $points)
                            <polyline class="measured-line measured-line-{{ $line['index'] }}" points="{{ $points }}" vector-effect="non-scaling-stroke"/>
                        @endforeach
                    @endforeach
                </svg>
                @foreach ($strip['lowest'] as $mark)
                    <line class="measured-lowest measured-line-{{ $mark['index'] }}" x1="{{ $mark['x'] }}%" x2="{{ $mark['x'] }}%" y1="16" y2="126"/>
                @endforeach
                <svg y="16" height="110" width="100%" overflow="visible">
                    <x-svg-axis :ticks="$strip['ticks']" axis="y" unit="%" label="curve-label" at="4" dy="-3" />
                </svg>
            </svg>
            <figcaption><b>{{ $strip['name'] }}</b> {{ $strip['legend'] }}</figcaption>
        </figure>
    @endforeach
</div>
