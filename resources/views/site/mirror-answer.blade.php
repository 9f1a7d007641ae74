@if ($page === null)
<p class="lead-answer">{{ __('The plan has no mirror and screen yet.') }}</p>
@else
<p class="lead-answer">{{ $page->headline }}</p>
<x-verdict :verdict="$page->verdict" />
<x-permission :frame="$frame" :situation="$page->situation" />
<p class="caution">{{ __('Flat mirrors only: a curved one burns. Nobody looks into the mirror or the beam; somebody stands by it all the time and covers it when people come near.') }}</p>
<dl class="figures">
    @foreach ($page->figures as $figure)
        <div><dt>{{ $figure['label'] }}</dt><dd>{{ $figure['value'] }} <small>{{ $figure['note'] }}</small></dd></div>
    @endforeach
</dl>
<figure class="beam">
    <svg viewBox="-1.5 -{{ $page->drawing->topM }} {{ $page->drawing->pictureM }} {{ $page->drawing->pictureHeightM }}" role="img" aria-label="{{ __('The beam from the side') }}">
        <rect class="beam-eyes" x="0" y="-{{ KeenShadow\Core\Site\Mirror\Beam::HIGHEST_EYE_M }}" width="{{ $page->drawing->lengthM }}" height="{{ $page->drawing->eyesM }}"/>
        <path class="door-floor" d="M-1.5 0H{{ $page->drawing->pictureM }}" vector-effect="non-scaling-stroke"/>
        @foreach ($page->drawing->walls as $wall)
            <path class="beam-wall" d="M{{ $wall['x'] }} 0v-{{ $wall['heightM'] }}" vector-effect="non-scaling-stroke"/>
        @endforeach
        <path class="door-body" d="M0 0v-{{ $page->drawing->fromM }}M{{ $page->drawing->lengthM }} 0v-{{ $page->drawing->toM }}" vector-effect="non-scaling-stroke"/>
        <path class="door-ray" d="M0 -{{ $page->drawing->fromM }}L{{ $page->drawing->lengthM }} -{{ $page->drawing->toM }}" vector-effect="non-scaling-stroke"/>
    </svg>
    <figcaption>{{ __('From “:mirror” (left, :from m up) to “:screen” (right, :to m up), :length m away; one scale for both directions. Band: the height of eyes, :low to :high m. :wall', [
        'mirror' => $page->mirror->name, 'from' => $page->drawing->fromM, 'screen' => $page->screen->name, 'to' => $page->drawing->toM, 'length' => $page->drawing->lengthM,
        'low' => KeenShadow\Core\Site\Mirror\Beam::LOWEST_EYE_M, 'high' => KeenShadow\Core\Site\Mirror\Beam::HIGHEST_EYE_M, 'wall' => $page->wall,
    ]) }}</figcaption>
</figure>
<h2 id="settings">{{ __('Settings over the event') }}</h2>
<x-table labelledby="settings" class="stacks">
    <x-slot:head><th scope="col">{{ __('Local time') }}</th><th scope="col" class="is-number">{{ __('Turned to') }}</th><th scope="col" class="is-number">{{ __('Tilt back from upright') }}</th><th scope="col">{{ __('Spot walks in a minute') }}</th><th scope="col" class="is-number">{{ __('Aim again every') }}</th></x-slot:head>
    @foreach ($page->rows as $row)
        <tr><th scope="row">{{ $row['time'] }}</th><td class="is-number" data-label="{{ __('Turned to') }}">{{ $row['bearing'] }}</td><td class="is-number" data-label="{{ __('Tilt back from upright') }}">{{ $row['tilt'] }}</td><td data-label="{{ __('Spot walks in a minute') }}">{{ $row['walk'] }}</td><td class="is-number" data-label="{{ __('Aim again every') }}">{{ $row['again'] }}</td></tr>
    @endforeach
</x-table>
<details class="folded">
    <summary>{{ __('Show the calculation') }}</summary>
    <p>{{ __('The mirror\'s normal halves the angle between the direction to the Sun and the direction to the target. Left alone, the beam turns as fast as the Sun, about 15° in an hour, and the spot walks that angle times the distance, stretched where it falls on the wall at a slant. Directions are true, not magnetic; the Sun\'s are apparent, with refraction.') }}</p>
</details>
@endif
