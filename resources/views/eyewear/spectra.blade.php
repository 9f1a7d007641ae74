<x-event-frame :frame="$frame" room="eyewear" :title="__('Lots over each other')">
    <x-eyewear-tabs :event="$frame->event" current="eyewear.spectra" />
    <p class="lead-answer">{{ __('Lots over each other') }}</p>
    @if ($page->lots->isEmpty())
        <p>{{ __('No lot has a scan yet. A spectrophotometer\'s scan is added at its lot, under “Scans”.') }}</p>
    @else
        <form method="get" action="{{ route('eyewear.spectra', $frame->event) }}">
            <fieldset class="field">
                <legend>{{ __('Lots with scans') }}</legend>
                <div class="answers">
                    @foreach ($page->lots as $lot)
                        <label><input class="form-check-input" type="checkbox" name="lots[]" value="{{ $lot->id }}" @checked(in_array($lot->id, $page->chosen, true))>{{ $lot->label }}</label>
                    @endforeach
                </div>
            </fieldset>
            <button class="btn btn-primary">{{ __('Show') }}</button>
        </form>
        @if ($page->curves)
            @include('eyewear.spectrum', ['curves' => $page->curves])
            <ul class="spectrum-key">
                @foreach ($page->curves->curves as $curve)
                    <li><svg class="spectrum-swatch" viewBox="0 0 24 8" aria-hidden="true"><path class="spectrum-curve spectrum-curve-{{ $loop->iteration }}" d="M0 4H24"/></svg> {{ $curve['name'] }}</li>
                @endforeach
            </ul>
        @endif
    @endif
</x-event-frame>
