@use('App\Drawings\Audience\PhaseStrip')
{{-- What is left of the Sun in its ring, a unit for each mm: whoever shows it makes it that large. --}}
<svg xmlns="http://www.w3.org/2000/svg" width="{{ PhaseStrip::PITCH_MM }}" height="{{ PhaseStrip::PITCH_MM }}" viewBox="-22 -22 44 44" role="img" aria-label="{{ trim($disc['name'] . ' ' . $disc['time'] . ', ' . $disc['words']) }}">
    <circle class="strip-ring" r="{{ PhaseStrip::RADIUS_MM }}" fill="none" stroke="currentColor" stroke-width="0.4" stroke-dasharray="1.2 1.2"/>
    <path class="strip-sun" fill-rule="evenodd" d="{{ $disc['path'] }}"/>
    <path class="strip-top" stroke="currentColor" stroke-width="0.8" d="M0 -21.5V-19.5"/>
</svg>
