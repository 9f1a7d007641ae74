{{-- Curves over each other, read under the pointer and by keys. --}}
<figure class="spectrum" x-data="spectrum" data-values="{{ $curves->values }}">
    <svg height="340" role="img" aria-labelledby="spectrum-words" x-ref="picture" x-on:pointermove="point">
        <svg class="spectrum-plot" x="64" y="6" width="100%" height="300" x-ref="plot">
            <svg viewBox="0 0 100 100" preserveAspectRatio="none" width="calc(100% - 72px)" height="300">
                <rect class="spectrum-allowed" x="{{ $curves->allowed['x'] }}" y="{{ $curves->allowed['y'] }}" width="{{ $curves->allowed['width'] }}" height="{{ $curves->allowed['height'] }}"/>
                <path class="spectrum-limit" d="M{{ $curves->infrared['x'] }} {{ $curves->infrared['y'] }}H100" vector-effect="non-scaling-stroke"/>
                @foreach ($curves->curves as $curve)
                    @if ($curve['limit'] !== null)<path class="spectrum-limit" d="M0 {{ $curve['limit'] }}H{{ $curves->ultraviolet['to'] }}" vector-effect="non-scaling-stroke"/>@endif
                    <path class="spectrum-curve spectrum-curve-{{ $loop->iteration }}" d="{{ $curve['path'] }}" vector-effect="non-scaling-stroke"><title>{{ $curve['name'] }}</title></path>
                @endforeach
                <path class="spectrum-cursor" d="M0 0V100" vector-effect="non-scaling-stroke" x-ref="cursor"/>
            </svg>
        </svg>
        <svg x="0" y="6" width="60" height="300" overflow="visible">
            @foreach ($curves->percents as $tick)
                <text x="60" y="{{ $tick->at }}%" dy="0.35em" text-anchor="end">{{ $tick->label }}</text>
            @endforeach
        </svg>
        <svg x="64" y="306" width="calc(100% - 72px)" height="30" overflow="visible">
            @foreach ($curves->wavelengths as $tick)
                <text x="{{ $tick->at }}%" y="20" text-anchor="middle">{{ $tick->label }}</text>
            @endforeach
        </svg>
    </svg>
    <div class="spectrum-at">
        <label for="spectrum-nm">{{ __('Wavelength, nm') }}</label>
        <input type="range" id="spectrum-nm" min="280" max="1400" step="5" value="555" x-ref="nm" x-on:input="tell">
    </div>
    <output id="spectrum-words" for="spectrum-nm" x-ref="words" data-missing="{{ __('not reached') }}"></output>
    <figcaption>{{ __('How much of the light comes through, against the wavelength in nm; each step up is a hundred times as much. Pale: the luminous band. Dashed: the limits of infrared, and of ultraviolet for each scan.') }}</figcaption>
</figure>
