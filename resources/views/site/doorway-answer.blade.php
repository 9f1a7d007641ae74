@php use App\Text\Numbers; @endphp
@if ($page === null)
<p class="lead-answer">{{ __('No wall is drawn yet.') }}</p>
@else
<p class="lead-answer">{{ $page->headline }}</p>
<x-verdict :verdict="$page->outlook->verdict()" />
<x-permission :frame="$frame" :situation="$page->outlook->situation()" through-banner />
<p class="caution">{{ __('Nobody looks past the banner. Only filters that passed the check go into the holes, taped so that they cannot fall out; somebody stands at the door all the time.') }}</p>
<div class="doorway-drawings">
    <figure>
        <div class="doorway-people">
            @foreach ($page->moment->drawing->people as $person)
                <svg width="{{ $page->moment->drawing->widthMm }}mm" height="{{ $page->moment->drawing->heightMm }}mm" viewBox="0 0 {{ $page->moment->drawing->widthMm }} {{ $page->moment->drawing->heightMm }}" role="img" aria-label="{{ __('Section along the Sun\'s rays: :who', ['who' => $person['who']]) }}">
                    <path class="door-wall" d="M{{ $page->moment->drawing->bannerX }} 0V{{ $page->moment->drawing->headY }}M{{ $page->moment->drawing->bannerX }} {{ $page->moment->drawing->sillY }}V{{ $page->moment->drawing->floorY }}"/>
                    <path class="door-sheet" d="M{{ $page->moment->drawing->bannerX }} {{ $page->moment->drawing->headY }}V{{ $page->moment->drawing->sillY }}"/>
                    <path class="door-floor" d="M0 {{ $page->moment->drawing->floorY }}H{{ $page->moment->drawing->widthMm }}"/>
                    <path class="door-body" d="M{{ $page->moment->drawing->personX }} {{ $person['eyeY'] }}V{{ $page->moment->drawing->floorY }}"/>
                    <circle class="door-head" cx="{{ $page->moment->drawing->personX }}" cy="{{ $person['eyeY'] }}" r="{{ $page->moment->drawing->headMm }}"/>
                    @if ($person['holeY'] !== null)
                        <path @class(['door-ray', 'is-stopped' => ! $person['works']]) d="M{{ $page->moment->drawing->personX }} {{ $person['eyeY'] }}L{{ $page->moment->drawing->rayX }} {{ $person['rayY'] }}"/>
                        <circle class="door-hole" cx="{{ $page->moment->drawing->bannerX }}" cy="{{ $person['holeY'] }}" r="0.9"/>
                    @endif
                    <text class="door-word" x="1" y="{{ $page->moment->drawing->heightMm }}" dy="-1">{{ $person['who'] }}</text>
                </svg>
            @endforeach
        </div>
        <figcaption>{{ __('Sections along the Sun\'s rays at :time, 1 : :scale when printed. :sun.', ['time' => $page->moment->when, 'scale' => $page->moment->drawing->oneTo, 'sun' => $page->moment->sun]) }}</figcaption>
    </figure>
</div>
<h2 id="windows">{{ __('From when to when') }}</h2>
<x-table labelledby="windows" class="stacks">
    <x-slot:head><th scope="col">{{ __('Who') }}</th><th scope="col" class="is-number">{{ __('Eyes') }}</th><th scope="col">{{ __('Local time') }}</th></x-slot:head>
    @foreach ($page->windows as $window)
        <tr><th scope="row">{{ $window['who'] }}</th><td class="is-number" data-label="{{ __('Eyes') }}">{{ $window['eye'] }}</td><td data-label="{{ __('Local time') }}">@foreach ($window['lines'] as $line)<span class="line">{{ $line }}</span>@endforeach</td></tr>
    @endforeach
</x-table>
<h2 id="heights">{{ __('Height of the holes above the floor') }}</h2>
<x-table labelledby="heights" class="stacks">
    <x-slot:head>
        <th scope="col">{{ __('Local time') }}</th>
        @foreach ($page->outlook->eyesM as $who => $eye)
            <th scope="col">{{ $who }}</th>
        @endforeach
        <th scope="col">{{ __('Hole from the eye, sideways') }}</th>
    </x-slot:head>
    @foreach ($page->rows as $row)
        <tr><th scope="row">{{ $row['time'] }}</th>@foreach ($row['cells'] as $i => $cell)<td data-label="{{ array_keys($page->outlook->eyesM)[$i] }}">{{ $cell }}</td>@endforeach<td data-label="{{ __('Hole from the eye, sideways') }}">{{ $row['aside'] }}</td></tr>
    @endforeach
</x-table>
<section class="cutting scrolls" tabindex="0" aria-label="{{ __('Cutting plan') }}">
    <h2>{{ __('Cutting plan for :time', ['time' => $page->moment->when]) }}</h2>
    @if ($page->moment->cutting->holes === [])
        <p>{{ __('No hole lies on the banner at this time: choose another time, distance or opening.') }}</p>
    @else
        @if ($page->moment->cutting->holeless !== [])
            <p class="fault">{{ __('There is no room for a hole for: :who.', ['who' => implode(', ', $page->moment->cutting->holeless)]) }}</p>
        @endif
        @if ($page->moment->cutting->unseen !== [])
            <p class="fault">{{ __('No Sun at :time for: :who.', ['time' => $page->moment->when, 'who' => implode('; ', $page->moment->cutting->unseen)]) }}</p>
        @endif
        <svg class="cutting-sheet" width="{{ $page->moment->cutting->plan->widthMm }}mm" height="{{ $page->moment->cutting->plan->floorY }}mm" viewBox="0 0 {{ $page->moment->cutting->plan->widthMm }} {{ $page->moment->cutting->plan->floorY }}" role="img" aria-label="{{ __('The banner as seen from inside, with its holes and the marks on the floor') }}">
            <rect class="cut-sheet" width="{{ $page->moment->cutting->plan->widthMm }}" height="{{ $page->moment->cutting->plan->heightMm }}"/>
            <path class="door-floor" d="M0 {{ $page->moment->cutting->plan->floorY }}H{{ $page->moment->cutting->plan->widthMm }}"/>
            @foreach ($page->moment->cutting->plan->holes as $hole)
                <rect class="cut-hole" x="{{ $hole['x'] }}" y="{{ $hole['y'] }}" width="{{ $hole['width'] }}" height="{{ $hole['height'] }}"/>
                <text class="cut-number" x="{{ $hole['middleX'] }}" y="{{ $hole['y'] }}" dy="-1" text-anchor="middle">{{ $hole['number'] }}</text>
                <path class="cut-stand" d="M{{ $hole['standX'] }} {{ $page->moment->cutting->plan->floorY }}v-5"/>
                <text class="cut-number" x="{{ $hole['standX'] }}" y="{{ $page->moment->cutting->plan->floorY }}" dy="-6" text-anchor="middle">{{ $hole['number'] }}</text>
            @endforeach
        </svg>
        <svg width="102mm" height="6mm" viewBox="0 0 102 6" role="img" aria-label="{{ __('A bar 100 mm long') }}"><path class="screen-bar" d="M1 1V5M1 3H101M101 1V5"/></svg>
        <p class="note">{{ __('From inside, 1 : :scale when printed at 100 %; the bar is then 100 mm long. Strokes on the floor: where the user of each hole stands.', ['scale' => $page->moment->cutting->plan->oneTo]) }}</p>
        <x-table :label="__('Holes')" class="stacks">
            <x-slot:head><th scope="col">{{ __('Hole') }}</th><th scope="col">{{ __('For') }}</th><th scope="col" class="is-number">{{ __('Middle from the left jamb') }}</th><th scope="col" class="is-number">{{ __('Middle above the floor') }}</th><th scope="col" class="is-number">{{ __('Width × height for 10 min') }}</th><th scope="col" class="is-number">{{ __('Mark on the floor, from the left jamb') }}</th></x-slot:head>
            @foreach ($page->moment->cutting->holes as $hole)
                <tr><th scope="row" data-label="{{ __('Hole') }}">{{ $hole->number }}</th><td data-label="{{ __('For') }}">{{ $hole->who }}</td><td class="is-number" data-label="{{ __('Middle from the left jamb') }}">{{ Numbers::decimal($hole->fromLeftM, 2) }} m</td><td class="is-number" data-label="{{ __('Middle above the floor') }}">{{ Numbers::decimal($hole->heightM, 2) }} m</td><td class="is-number" data-label="{{ __('Width × height for 10 min') }}">{{ Numbers::decimal($hole->widthM, 2) }} × {{ Numbers::decimal($hole->lengthM, 2) }} m</td><td class="is-number" data-label="{{ __('Mark on the floor, from the left jamb') }}">{{ Numbers::decimal($hole->standM, 2) }} m</td></tr>
            @endforeach
        </x-table>
        <button type="button" class="btn btn-quiet" x-data="printPage" x-on:click="print">{{ __('Print') }}</button>
    @endif
</section>
<h2 id="facades">{{ __('Which wall faces the Sun') }}</h2>
<x-table labelledby="facades" class="stacks">
    <x-slot:head><th scope="col">{{ __('Opening or wall') }}</th><th scope="col">{{ __('Faces') }}</th><th scope="col">{{ __('While the eclipse lasts') }}</th></x-slot:head>
    @foreach ($page->facing as $facing)
        <tr><th scope="row">{{ $facing['name'] }}</th><td data-label="{{ __('Faces') }}">{{ $facing['looks'] }}</td><td data-label="{{ __('While the eclipse lasts') }}">{{ $facing['sun'] }}</td></tr>
    @endforeach
</x-table>
<details class="folded">
    <summary>{{ __('Show the calculation') }}</summary>
    <p>{{ __('With the eye h above the floor and D behind the banner, the Sun at apparent altitude a and β to the right of straight out: hole height = h + D·tan a / cos β; sideways = D·tan β. It works while all of the hole lies on the banner with a rim, its user stands within the opening\'s width, and nothing outside stands in front of the Sun. Common practice, no source; the calculation is plane trigonometry.') }}</p>
</details>
@endif
