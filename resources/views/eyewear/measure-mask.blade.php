@use('App\Text\Numbers')
@if ($mask->openingMm <= 0)
    <p class="lead-answer">{{ __('No round opening clears them all.') }}</p>
@elseif ($mask->offAxisMm === 0.0)
    <p class="lead-answer">{{ __('Nothing is in the way: the filter takes the whole :mm mm.', ['mm' => Numbers::decimal($mask->openingMm, 0)]) }}</p>
@else
    <p class="lead-answer">{{ __('An opening of :mm mm, its middle :off mm from the axis, halfway between two vanes', ['mm' => Numbers::decimal($mask->openingMm, 1), 'off' => Numbers::decimal($mask->offAxisMm, 1)]) }}</p>
@endif
<figure class="mask">
    <svg width="{{ $mask->apertureMm }}mm" height="{{ $mask->apertureMm }}mm" viewBox="0 0 {{ $mask->apertureMm }} {{ $mask->apertureMm }}" role="img" aria-label="{{ __('The mask at true size: the tube, the secondary mirror, the opening') }}">
        <svg x="50%" y="50%" overflow="visible">
            <circle class="mask-edge" r="{{ $mask->radiusMm() }}"/>
            <circle class="mask-hidden" r="{{ $mask->obstructionRadiusMm() }}"/>
            <circle class="mask-opening" cx="{{ $mask->offAxisMm }}" r="{{ $mask->openingRadiusMm() }}"/>
            <path class="mask-edge" d="M-3 0H3M0 -3V3"/>
        </svg>
    </svg>
    <figcaption>{{ __('True size when printed at 100 %; larger than the sheet, take the numbers. The filter covers the opening and is taped over it; everything else is closed.') }}</figcaption>
</figure>
