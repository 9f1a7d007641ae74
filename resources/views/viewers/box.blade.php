<x-verdict :verdict="$box->verdict" />
<dl class="figures">
    <div><dt>{{ __('Image of the Sun') }}</dt><dd>{{ number_format($box->pinhole->imageMm(), 1) }} mm <small>{{ __('2·L·tan(s/2), Sun :s wide', ['s' => $box->sunDiameter]) }}</small></dd></div>
    <div><dt>{{ __('Blur') }}</dt><dd>{{ number_format($box->pinhole->blurMm(), 2) }} mm <small>{{ __('hole :h and diffraction :d mm', ['h' => number_format($box->pinhole->holeMm, 2), 'd' => number_format($box->pinhole->diffractionMm(), 2)]) }}</small></dd></div>
    <div><dt>{{ __('Smallest bite that shows') }}</dt><dd>{{ App\Pages\Words::percent($box->pinhole->smallestBite()) }} % <small>{{ __('of the diameter; :n blurs across', ['n' => number_format($box->pinhole->detailsAcross(), 1)]) }}</small></dd></div>
    <div><dt>{{ __('Brightness, whole Sun') }}</dt><dd>{{ number_format($box->luxUneclipsed, $box->luxUneclipsed < 10 ? 1 : 0) }} lx <small>{{ __('clear sky; :n lx at the maximum', ['n' => number_format($box->luxAtMoment, $box->luxAtMoment < 10 ? 1 : 0)]) }}</small></dd></div>
</dl>
<div class="box-picture">
    <figure>
        <x-screen-image :image="$box->image" :width-mm="$box->image->frameMm" id="screen-true" />
        <figcaption>{{ $box->image->reduction === 1 ? __('True size on paper: :moment, :percent % covered', ['moment' => $box->moment, 'percent' => $box->obscuration]) : __('One :n-th of its true size: :moment, :percent % covered', ['n' => $box->image->reduction, 'moment' => $box->moment, 'percent' => $box->obscuration]) }}</figcaption>
    </figure>
    <figure>
        <x-screen-image :image="$box->image" width-mm="60" id="screen-large" />
        <figcaption>{{ __('The same, enlarged: as soft as it will be.') }}</figcaption>
    </figure>
    <figure>
        <svg width="22mm" height="5mm" viewBox="0 0 22 5" role="img" aria-label="{{ __('A bar 20 mm long') }}"><path class="screen-bar" d="M1 1 V4 M1 2.5 H21 M21 1 V4"/></svg>
        <figcaption>{{ __('20 mm on paper: check it with a ruler.') }}</figcaption>
    </figure>
</div>
<h2>{{ __('The best hole for this distance') }}</h2>
<div class="scrolls">
    <table class="table align-middle">
        <thead>
            <tr>
                <th scope="col">{{ __('School') }}</th>
                <th scope="col">{{ __('Formula, λ = 550 nm') }}</th>
                <th scope="col" class="is-number">{{ __('Hole') }}</th>
                <th scope="col" class="is-number">{{ __('Blur') }}</th>
                <th scope="col"><span class="visually-hidden">{{ __('Take it') }}</span></th>
            </tr>
        </thead>
        <tbody>
            @foreach ($box->bestHoles as $best)
                <tr>
                    <td>{{ $best->name }}</td>
                    <td>{{ $best->formula }}</td>
                    <td class="is-number">{{ number_format($best->holeMm, 2) }} mm</td>
                    <td class="is-number">{{ number_format($best->pinhole->blurMm(), 2) }} mm</td>
                    <td><button type="button" class="btn btn-quiet" data-hole="{{ $best->holeMm }}">{{ __('Take it') }}<span class="visually-hidden"> {{ $best->formula }}</span></button></td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
<p class="note">{{ __('A bigger hole is brighter and softer; the schools differ in what they call sharp. Foil takes a clean round hole; a hole straight in cardboard is softer.') }}</p>
