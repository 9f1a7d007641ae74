@props(['level'])
{{-- A ring for yes, a half disc for hold, a crossed disc for no. --}}
<svg viewBox="0 0 20 20" aria-hidden="true">
    @switch($level)
        @case(KeenShadow\Core\Rules\Level::Yes)
            <circle cx="10" cy="10" r="7.5" fill="none" stroke="currentColor" stroke-width="3"/>
            @break
        @case(KeenShadow\Core\Rules\Level::Hold)
            <circle cx="10" cy="10" r="8" fill="none" stroke="currentColor" stroke-width="2"/>
            <path d="M10 2 A8 8 0 0 1 10 18 Z" fill="currentColor"/>
            @break
        @case(KeenShadow\Core\Rules\Level::No)
            <circle cx="10" cy="10" r="8.5" fill="currentColor"/>
            <path d="M6 6 L14 14 M14 6 L6 14" class="mark-cross" stroke-width="2.5"/>
            @break
    @endswitch
</svg>
