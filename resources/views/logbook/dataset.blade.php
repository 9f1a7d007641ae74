@use('App\Exports\Logbook\Licence')
@use('App\Text\ObservationWords')
@use('KeenShadow\Core\Logbook\Rounding')
<x-event-frame :frame="$frame" room="logbook" :title="__('Data for others')">
    <x-logbook-tabs :event="$frame->event" current="logbook.dataset" />
    <p class="lead-answer">{{ __('What was measured, for a citizen-science project') }}</p>
    <p>{{ __('Numbers of loggers and hands with their times, what was covered and how high the Sun stood at the rounded place: a table (CSV) and its description (JSON, a data package). No names, no words of anybody, no names of instruments.') }}</p>
    <x-faults :saves="false" />
    <form method="get" action="{{ route('logbook.dataset.csv', $frame->event) }}">
        <fieldset class="field" id="place">
            <legend>{{ __('The place is told') }}</legend>
            <div class="answers">
                @foreach (Rounding::cases() as $rounding)
                    <label><input class="form-check-input" type="radio" name="place" value="{{ $rounding->value }}" @checked($rounding === Rounding::Quarter)>{{ ObservationWords::rounding($rounding) }}</label>
                @endforeach
            </div>
        </fieldset>
        <fieldset class="field" id="licence">
            <legend>{{ __('Licence') }}</legend>
            <div class="answers">
                @foreach (Licence::cases() as $licence)
                    <label><input class="form-check-input" type="radio" name="licence" value="{{ $licence->value }}" @checked($licence === Licence::By)>{{ $licence->value }}</label>
                @endforeach
            </div>
        </fieldset>
        <p class="field"><label><input class="form-check-input" type="checkbox" name="named" value="1"> {{ __('Name the organisation in the description') }}</label></p>
        <button class="btn btn-primary">{{ __('The table (CSV)') }}</button>
        <button class="btn btn-quiet" formaction="{{ route('logbook.dataset.json', $frame->event) }}">{{ __('Its description (JSON)') }}</button>
    </form>
</x-event-frame>
