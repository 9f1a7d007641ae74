<p class="lead-answer">{{ $page->headline }}</p>
@foreach ($page->against as $words)
    <p class="cue-note">{{ $words }}</p>
@endforeach
@if ($page->panorama !== null && $page->drawing !== null)
    <x-panorama :panorama="$page->panorama" :place="$page->spot">
        <polygon class="composite-edge" points="{{ $page->drawing->edge }}"/>
        @foreach ($page->drawing->discs as $disc)
            <circle class="composite-disc" cx="{{ $disc['x'] }}" cy="{{ $disc['y'] }}" r="{{ $disc['r'] }}"/>
        @endforeach
    </x-panorama>
    <ul>
        @foreach ($page->figures as $words)
            @if ($words !== '')<li>{{ $words }}</li>@endif
        @endforeach
    </ul>
    <p class="caution">{{ __('The filter is on in all of these. One for the foreground alone is taken from the same tripod when the Sun is out of the frame, or before it rises. Totality is a matter of the camera\'s own list.') }}</p>
    <h2>{{ __('As it stands in the picture') }}</h2>
    <figure class="frame-drawing">
        <svg viewBox="-2 -2 {{ $page->drawing->outerWidth }} {{ $page->drawing->outerHeight }}" data-px-per-mm="{{ $page->drawing->pxPerMm }}" role="img" aria-label="{{ __('The discs in the frame, and the level') }}">
            <defs><clipPath id="picture-edge"><rect width="{{ $page->drawing->width }}" height="{{ $page->drawing->height }}"/></clipPath></defs>
            <rect class="frame-sky" width="{{ $page->drawing->width }}" height="{{ $page->drawing->height }}"/>
            <g clip-path="url(#picture-edge)">@foreach ($page->drawing->walls as $points)<polygon class="frame-wall" points="{{ $points }}"/>@endforeach</g>
            <line class="frame-level" x1="0" x2="{{ $page->drawing->width }}" y1="{{ $page->drawing->levelY }}" y2="{{ $page->drawing->levelY }}"/>
            @foreach ($page->drawing->inside as $disc)
                <circle class="composite-disc" cx="{{ $disc['x'] }}" cy="{{ $disc['y'] }}" r="{{ $disc['r'] }}"/>
            @endforeach
            <rect class="frame-rim" width="{{ $page->drawing->width }}" height="{{ $page->drawing->height }}"/>
        </svg>
        <figcaption>{{ __('Level camera, a lens that draws straight lines straight; the discs as large as they are on the sensor. Line: the level in the middle.') }}</figcaption>
    </figure>
    <details class="folded"><summary>{{ __('Times of the pictures') }}</summary><p>{{ implode(' · ', $page->times) }}</p></details>
@endif
