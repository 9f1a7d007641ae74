@use('App\Text\EyewearWords')
@use('KeenShadow\Core\Eyewear\Spectrum\Lens')
<x-event-frame :frame="$frame" room="eyewear" :title="__('Scans')">
    <x-lot-tabs :event="$frame->event" :lot="$page->lot" current="eyewear.scans" />
    <p class="lead-answer">{{ __('Scans of :lot', ['lot' => $page->lot->label]) }}</p>
    <p class="note">{{ __('Held against what ISO 12312-2 asks of a spectrum. It screens and does not certify; a scan of one pair says nothing of a scratch on another.') }}</p>
    <x-faults />
    @if ($page->rows === [])
        <p>{{ __('Add what a spectrophotometer measured through a lens: a CSV file with the columns nm and transmittance, transmittance_percent or optical_density, best from 280 to 1400 nm.') }}</p>
    @else
        <figure class="spectrum" x-data="spectrum" data-values="{{ $page->curves->values }}">
            <svg height="340" role="img" aria-labelledby="spectrum-words" x-ref="picture" x-on:pointermove="point">
                <svg class="spectrum-plot" x="64" y="6" width="100%" height="300" x-ref="plot">
                    <svg viewBox="0 0 100 100" preserveAspectRatio="none" width="calc(100% - 72px)" height="300">
                        <rect class="spectrum-allowed" x="{{ $page->curves->allowed['x'] }}" y="{{ $page->curves->allowed['y'] }}" width="{{ $page->curves->allowed['width'] }}" height="{{ $page->curves->allowed['height'] }}"/>
                        <path class="spectrum-limit" d="M{{ $page->curves->infrared['x'] }} {{ $page->curves->infrared['y'] }}H100" vector-effect="non-scaling-stroke"/>
                        @foreach ($page->curves->curves as $curve)
                            @if ($curve['limit'] !== null)<path class="spectrum-limit" d="M0 {{ $curve['limit'] }}H{{ $page->curves->ultraviolet['to'] }}" vector-effect="non-scaling-stroke"/>@endif
                            <path class="spectrum-curve spectrum-curve-{{ $loop->iteration }}" d="{{ $curve['path'] }}" vector-effect="non-scaling-stroke"><title>{{ $curve['name'] }}</title></path>
                        @endforeach
                        <path class="spectrum-cursor" d="M0 0V100" vector-effect="non-scaling-stroke" x-ref="cursor"/>
                    </svg>
                </svg>
                <svg x="0" y="6" width="60" height="300" overflow="visible">
                    @foreach ($page->curves->percents as $tick)
                        <text x="60" y="{{ $tick->at }}%" dy="0.35em" text-anchor="end">{{ $tick->label }}</text>
                    @endforeach
                </svg>
                <svg x="64" y="306" width="calc(100% - 72px)" height="30" overflow="visible">
                    @foreach ($page->curves->wavelengths as $tick)
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
        <h2 id="clauses">{{ __('Clauses') }}</h2>
        <x-table labelledby="clauses" class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Scan') }}</th>
                <th scope="col">{{ __('Luminous, 0.000032–0.0032 %') }}</th>
                <th scope="col">{{ __('UV-A, not above it') }}</th>
                <th scope="col">{{ __('UV-B, not above it') }}</th>
                <th scope="col">{{ __('Infrared, not above 3 %') }}</th>
                @can('update', $page->lot)<th scope="col"><span class="visually-hidden">{{ __('Remove') }}</span></th>@endcan
            </x-slot:head>
            @foreach ($page->rows as $row)
                <tr>
                    <th scope="row"><svg class="spectrum-swatch" viewBox="0 0 24 8" aria-hidden="true"><path class="spectrum-curve spectrum-curve-{{ $loop->iteration }}" d="M0 4H24"/></svg> {{ $row['name'] }} <span class="meaning">{{ $row['darkness'] }}</span></th>
                    @foreach ($row['clauses'] as $i => $clause)
                        <td data-label="{{ [__('Luminous'), __('UV-A'), __('UV-B'), __('Infrared')][$i] }}"><a class="verdict-tag verdict-{{ $clause['outcome']->level()->value }}" href="{{ route('rules.book', $frame->event, false) }}#papers-in-order"><x-verdict-mark :level="$clause['outcome']->level()" />{{ EyewearWords::outcome($clause['outcome']) }}</a> <span class="meaning">{{ $clause['measured'] }}</span></td>
                    @endforeach
                    @can('update', $page->lot)
                        <td><form method="post" action="{{ route('eyewear.scans.destroy', [$frame->event, $page->lot, $row['scan']]) }}">@csrf @method('delete')<button class="link-button">{{ __('Remove') }}<span class="visually-hidden"> {{ $row['name'] }}</span></button></form></td>
                    @endcan
                </tr>
            @endforeach
        </x-table>
        @if ($page->rightLeft)<p><b>{{ $page->rightLeft }}</b></p>@endif
        <p class="note">{{ __('Ultraviolet and infrared: met when the largest value is within the limit, not met when the smallest exceeds it, undecided between, where it hangs on the weighting. From memory of ISO 12312-2:2015.') }}</p>
    @endif
    @can('update', $page->lot)
        <h2>{{ __('Add a scan') }}</h2>
        <form method="post" action="{{ route('eyewear.scans.store', [$frame->event, $page->lot]) }}" enctype="multipart/form-data" novalidate>
            @csrf
            <x-made-from />
            <x-field name="name" :label="__('Name')" :value="old('name')" maxlength="60" :hint="__('The tag of the pair, or what it is.')" />
            <fieldset class="field" id="lens">
                <legend>{{ __('Which lens') }}</legend>
                <div class="answers">
                    @foreach (Lens::cases() as $lens)
                        <label><input class="form-check-input" type="radio" name="lens" value="{{ $lens->value }}" @checked(old('lens', 'right') === $lens->value)>{{ EyewearWords::lens($lens) }}</label>
                    @endforeach
                </div>
                <x-fault field="lens" />
            </fieldset>
            <x-field name="file" type="file" :label="__('CSV file')" accept=".csv,text/csv,text/plain" />
            <button class="btn btn-primary">{{ __('Add this scan') }}</button>
        </form>
    @endcan
</x-event-frame>
