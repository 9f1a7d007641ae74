{{-- What comes of a camera's programme; fetched anew whenever it changes. --}}
<p class="camera-headline">{{ $answer->headline }}</p>
<x-verdict :verdict="$answer->verdict" />
@if ($answer->shots->left !== [])
    <p class="cue-note">{{ __('Left out: :what.', ['what' => implode('; ', $answer->shots->left)]) }}</p>
@endif
@if ($answer->shots->shortened !== [])
    <p class="cue-note">{{ __('Shortened: :what.', ['what' => implode('; ', $answer->shots->shortened)]) }}</p>
@endif
<h2>{{ __('Totality') }}</h2>
<p class="caution">{{ $answer->filters }}</p>
@if ($answer->line !== null)
    @include('photo.line', ['line' => $answer->line, 'rows' => $answer->shots->totality, 'title' => __('Clear sky'), 'off' => $answer->shots->off, 'on' => $answer->shots->on])
    @include('photo.line', ['line' => $answer->cloudedLine, 'rows' => $answer->shots->clouded, 'title' => $answer->cloudedTitle, 'off' => $answer->shots->cloudedOff, 'on' => $answer->shots->on])
@else
    <p>{{ __('Nothing is taken without the filter.') }}</p>
@endif
<h2>{{ __('Partial phases') }}</h2>
<p>{{ $answer->shots->partialSummary }}</p>
@if ($answer->shots->partial !== [])
    <details class="folded">
        <summary>{{ __('Each of them') }}</summary>
        <x-table class="align-middle">
            <x-slot:head><th scope="col">{{ __('Time') }}</th><th scope="col" class="is-number">{{ __('Sun high') }}</th><th scope="col" class="is-number">{{ __('Exposure') }}</th></x-slot:head>
            @foreach ($answer->shots->partial as $row)
                <tr><th scope="row">{{ $row['at'] }}</th><td class="is-number">{{ $row['altitude'] }}</td><td class="is-number">{{ $row['step'] }}</td></tr>
            @endforeach
        </x-table>
    </details>
@endif
<h2>{{ __('The Sun in the frame, to scale') }}</h2>
@php $d = $answer->drawing; @endphp
<figure class="frame-drawing">
    <svg viewBox="-2 -2 {{ $d->outerWidth }} {{ $d->outerHeight }}" data-px-per-mm="{{ $d->pxPerMm }}" role="img" aria-label="{{ __('The Sun and the corona that is wanted in the frame') }}">
        <defs><radialGradient id="corona-light"><stop offset="0" class="corona-inner"/><stop offset="1" class="corona-outer"/></radialGradient><clipPath id="frame-edge"><rect width="{{ $d->width }}" height="{{ $d->height }}"/></clipPath></defs>
        <rect class="frame-sky" width="{{ $d->width }}" height="{{ $d->height }}"/>
        <g clip-path="url(#frame-edge)">
            @if ($d->moves)
                <circle class="frame-corona is-end" cx="{{ $d->endX }}" cy="{{ $d->endY }}" r="{{ $d->coronaPx }}"/>
                <line class="frame-way" x1="{{ $d->sunX }}" y1="{{ $d->sunY }}" x2="{{ $d->endX }}" y2="{{ $d->endY }}"/>
                <circle class="frame-sun is-end" cx="{{ $d->endX }}" cy="{{ $d->endY }}" r="{{ $d->sunPx }}"/>
            @endif
            <circle class="frame-corona" cx="{{ $d->sunX }}" cy="{{ $d->sunY }}" r="{{ $d->coronaPx }}"/>
            <circle class="frame-sun" cx="{{ $d->sunX }}" cy="{{ $d->sunY }}" r="{{ $d->sunPx }}"/>
        </g>
        <rect class="frame-rim" width="{{ $d->width }}" height="{{ $d->height }}"/>
        <g class="frame-bar" transform="translate(14 {{ $d->barY }})"><path d="M0 -5 v10 M0 0 h{{ $d->barPx }} m0 -5 v10"/><text x="4" y="-8">{{ __('half a degree') }}</text></g>
    </svg>
    <figcaption>{{ $d->moves ? __('Full: where it starts; pale: where it leaves, on a mount that stands still. Level camera, as one looks through it.') : __('In the middle, on a mount that goes with the Sun.') }}</figcaption>
</figure>
<dl class="figures">
    @foreach ($answer->figures as $figure)
        <div><dt>{{ $figure['name'] }}</dt><dd>{{ $figure['value'] }} <small>{{ $figure['note'] }}</small></dd></div>
    @endforeach
</dl>
@if ($answer->exposures !== [])
    <h2>{{ __('Exposures at the maximum') }}</h2>
    <x-table class="align-middle">
        <x-slot:head>
            <th scope="col">{{ __('Of') }}</th>
            <th scope="col" class="is-number">{{ __('By the sum') }}</th>
            <th scope="col" class="is-number">{{ __('Set to') }}</th>
            @if (! $answer->isTracking)<th scope="col" class="is-number">{{ __('Blur, pixels') }}</th>@endif
        </x-slot:head>
        @foreach ($answer->exposures as $row)
            <tr>
                <th scope="row">{{ $row['name'] }}</th>
                <td class="is-number">{{ $row['exact'] }}</td>
                <td class="is-number">{{ $row['step'] }} <span class="meaning">{{ $row['off'] }}</span></td>
                @if (! $answer->isTracking)<td class="is-number">{{ $row['blur'] }}</td>@endif
            </tr>
        @endforeach
    </x-table>
    <details class="sums">
        <summary>{{ __('Show the sums') }}</summary>
        <p>{{ __('t = N² / (ISO · 2^Q). Q: partial phases 8 behind OD 5, 11 behind OD 4, or what a test shot tells; beads 12, chromosphere 11, prominences 9, corona at 0.1, 0.2, 0.5, 1, 2, 4, 8 radii 7, 5, 3, 1, 0, −1, −3 (F. Espenak, from memory). A low Sun and thin cloud take from Q the stops by which they dim it. A step is the nearest third of a stop.') }}</p>
    </details>
@endif
<h2>{{ __('At the camera') }}</h2>
<ul class="cautions">
    @foreach ($answer->cautions as $rule => $words)
        <li>{{ $words }} <a href="{{ route('rules.book', $frame->event) }}#{{ $rule }}">{{ __('the rule') }}<span class="visually-hidden"> {{ $words }}</span></a></li>
    @endforeach
</ul>
