@php use App\Text\Numbers; @endphp
<x-verdict :verdict="$box->verdict" />
<dl class="figures">
    <div><dt>{{ __('Image of the Sun') }}</dt><dd>{{ Numbers::decimal($box->pinhole->imageMm(), 1) }} mm <small>{{ __('2·L·tan(s/2), Sun :s wide', ['s' => $box->sunDiameter]) }}</small></dd></div>
    <div><dt>{{ __('Blur') }}</dt><dd>{{ Numbers::decimal($box->pinhole->blurMm(), 2) }} mm <small>{{ __('hole :h and diffraction :d mm', ['h' => Numbers::decimal($box->pinhole->holeMm, 2), 'd' => Numbers::decimal($box->pinhole->diffractionMm(), 2)]) }}</small></dd></div>
    <div><dt>{{ __('Smallest bite that shows') }}</dt><dd>{{ Numbers::aboutPercent($box->pinhole->smallestBite()) }} % <small>{{ __('of the diameter; :n blurs across the disc', ['n' => Numbers::decimal($box->pinhole->detailsAcross(), 1)]) }}</small></dd></div>
    <div><dt>{{ __('Brightness') }}</dt><dd>{{ __('about :n lx', ['n' => Numbers::about($box->lux)]) }} <small>{{ __('whole Sun, clear sky; dims with the covered area') }}</small></dd></div>
</dl>
<h2>{{ __('On the screen here') }}</h2>
<div class="box-picture">
    @foreach ($box->moments as $moment)
        <figure>
            @if ($moment->isTotal)
                <p class="screen-out">{{ __('Totality: the image goes out.') }}</p>
            @else
                <div class="box-pair">
                    <x-screen-image :image="$moment->image" :width-mm="$moment->image->frameMm" :id="'true-' . $loop->index" />
                    <x-screen-image :image="$moment->image" width-mm="34" :id="'large-' . $loop->index" />
                </div>
            @endif
            <figcaption><b>{{ $moment->name }}</b> {{ $moment->time }}, {{ __(':percent % of the area covered', ['percent' => $moment->obscuration]) }}</figcaption>
        </figure>
    @endforeach
    <figure>
        <svg width="22mm" height="5mm" viewBox="0 0 22 5" role="img" aria-label="{{ __('A bar 20 mm long') }}"><path class="screen-bar" d="M1 1 V4 M1 2.5 H21 M21 1 V4"/></svg>
        <figcaption>{{ ($box->moments[0]->image->reduction ?? 1) === 1 ? __('20 mm. Left of each pair: true size when printed; right: enlarged, as soft as it will be.') : __('20 mm. Left of each pair: one :n-th of the true size; right: enlarged, as soft as it will be.', ['n' => $box->moments[0]->image->reduction]) }}</figcaption>
    </figure>
</div>
<h2>{{ __('The best hole for this distance') }}</h2>
<x-table class="align-middle stacks">
    <x-slot:head>
        <th scope="col">{{ __('School') }}</th>
        <th scope="col">{{ __('Formula, λ = 550 nm') }}</th>
        <th scope="col" class="is-number">{{ __('Hole') }}</th>
        <th scope="col" class="is-number">{{ __('Blur') }}</th>
        <th scope="col"><span class="visually-hidden">{{ __('Use it') }}</span></th>
    </x-slot:head>
    @foreach ($box->bestHoles as $best)
        <tr>
            <th scope="row">{{ $best->name }}</th>
            <td data-label="{{ __('Formula, λ = 550 nm') }}">{{ $best->formula }}</td>
            <td data-label="{{ __('Hole') }}" class="is-number">{{ Numbers::decimal($best->holeMm, 2) }} mm</td>
            <td data-label="{{ __('Blur') }}" class="is-number">{{ Numbers::decimal($best->pinhole->blurMm(), 2) }} mm</td>
            <td><button type="button" class="btn btn-quiet" data-hole="{{ $best->holeMm }}">{{ __('Use it') }}<span class="visually-hidden"> {{ $best->formula }}</span></button></td>
        </tr>
    @endforeach
</x-table>
<p class="note">{{ __('A bigger hole is brighter and softer; the schools differ in what they call sharp. Foil takes a clean round hole; a hole straight in cardboard is softer.') }}</p>
