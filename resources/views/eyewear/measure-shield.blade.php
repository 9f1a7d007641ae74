@use('App\Text\Numbers')
@use('KeenShadow\Core\Eyewear\Measure\FaceShield')
<p class="lead-answer">{{ __('Two openings of :width × :height mm, :bridge mm of card between them', ['width' => Numbers::decimal($shield->openingWidthMm, 1), 'height' => Numbers::decimal($shield->openingHeightMm, 1), 'bridge' => Numbers::decimal($shield->bridgeMm(), 1)]) }}</p>
@if ($shield->rimMm() < FaceShield::LEAST_RIM_MM)
    <p class="fault">{{ __('Only :mm mm of card are left beside the openings: take a wider plate.', ['mm' => Numbers::decimal($shield->rimMm(), 0)]) }}</p>
@endif
<figure class="shield" tabindex="0" role="region" aria-label="{{ __('Pattern of the face shield') }}">
    <svg width="{{ FaceShield::PLATE_MM[0] }}mm" height="{{ FaceShield::PLATE_MM[1] }}mm" viewBox="0 0 {{ FaceShield::PLATE_MM[0] }} {{ FaceShield::PLATE_MM[1] }}" role="img" aria-label="{{ __('The face shield at true size: outline, two openings, the place of the nose') }}">
        <svg x="50%" y="42%" overflow="visible">
            @foreach ($shield->leftEdgesMm() as $left)
                <svg x="{{ $left }}" overflow="visible"><rect class="shield-cut" width="{{ $shield->openingWidthMm }}" height="{{ $shield->openingHeightMm }}" rx="2"/></svg>
            @endforeach
            <path class="shield-cut" d="M0 60C-14 60 -20 86 -22 102.08H22C20 86 14 60 0 60Z"/>
            <path class="mask-edge" d="M-50 -40H50M-50 -42V-38M50 -42V-38"/>
            <text class="shield-words" y="-44" text-anchor="middle">{{ __('100 mm, at 100 %') }}</text>
        </svg>
        <rect class="shield-edge" width="{{ FaceShield::PLATE_MM[0] }}" height="{{ FaceShield::PLATE_MM[1] }}" rx="30"/>
    </svg>
    <figcaption>{{ __('True size when printed at 100 %, across. Glue it on stiff card, cut along the lines, tape the glasses behind the openings so that each lens lies on card all around, and a stick or a band to hold it by. No light may come past a lens.') }}</figcaption>
</figure>
