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
        @include('eyewear.spectrum', ['curves' => $page->curves])
        <h2 id="clauses">{{ __('Clauses') }}</h2>
        @foreach ($page->rows as $row)
            <h3 class="part-title"><svg class="spectrum-swatch" viewBox="0 0 24 8" aria-hidden="true"><path class="spectrum-curve spectrum-curve-{{ $loop->iteration }}" d="M0 4H24"/></svg> {{ $row['name'] }} <span class="meaning">{{ $row['darkness'] }}</span></h3>
            <x-table :label="$row['name']" class="align-middle stacks">
                <x-slot:head>
                    <th scope="col">{{ __('Clause') }}</th>
                    <th scope="col">{{ __('Result') }}</th>
                    <th scope="col">{{ __('Asked') }}</th>
                    <th scope="col">{{ __('Measured, with its range') }}</th>
                    <th scope="col">{{ __('Margin') }}</th>
                </x-slot:head>
                @foreach ($row['clauses'] as $clause)
                    <tr>
                        <th scope="row">{{ $clause['name'] }}</th>
                        <td data-label="{{ __('Result') }}"><a class="verdict-tag verdict-{{ $clause['outcome']->level()->value }}" href="{{ route('rules.book', $frame->event, false) }}#papers-in-order"><x-verdict-mark :level="$clause['outcome']->level()" />{{ EyewearWords::outcome($clause['outcome']) }}</a></td>
                        <td data-label="{{ __('Asked') }}">{{ $clause['asked'] }} <span class="meaning">{{ __('ISO 12312-2:2015, from memory') }}</span></td>
                        <td data-label="{{ __('Measured, with its range') }}">{{ $clause['measured'] }}</td>
                        <td data-label="{{ __('Margin') }}">{{ $clause['margin'] }}</td>
                    </tr>
                @endforeach
            </x-table>
            @can('update', $page->lot)
                <form method="post" action="{{ route('eyewear.scans.destroy', [$frame->event, $page->lot, $row['scan']]) }}">@csrf @method('delete')<button class="link-button">{{ __('Remove') }}<span class="visually-hidden"> {{ $row['name'] }}</span></button></form>
            @endcan
        @endforeach
        @foreach ($page->among as $words)
            <p><b>{{ $words }}</b></p>
        @endforeach
        <p class="note">{{ __('Ultraviolet and infrared: met when the largest value is within the limit, not met when the smallest exceeds it, undecided between, where it hangs on the weighting. The standard\'s weights are not to hand: the weighted mean takes the Sun for a black body of 5772 K above the air, and decides nothing. ISO 12312-2:2015, from memory. Scans that bear one name are of one pair: right and left are held against each other, several of one lens among themselves.') }}</p>
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
    @include('eyewear.readings')
</x-event-frame>
