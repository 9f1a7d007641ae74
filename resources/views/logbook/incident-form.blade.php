@use('App\Text\ObservationWords')
@use('KeenShadow\Core\Logbook\HowLooked')
<x-event-frame :frame="$frame" room="logbook" :title="__('Incident')">
    <x-logbook-tabs :event="$frame->event" current="logbook.incidents" />
    <p class="lead-answer">{{ $incident === null ? __('Write down what went wrong') : __('Correct what was written down') }}</p>
    <p class="note">{{ __('What happened, not who: no names of visitors or children.') }}</p>
    <x-faults />
    <form method="post" action="{{ $incident === null ? route('logbook.incidents.store', $frame->event) : route('logbook.incidents.correct', [$frame->event, $incident]) }}" novalidate>
        @csrf
        <x-made-from />
        <div class="field">
            <label for="what">{{ __('What happened') }}</label>
            <textarea class="form-control" id="what" name="what" rows="3" maxlength="1000" aria-describedby="what-fault" @error('what') aria-invalid="true" @enderror>{{ old('what', $incident?->what) }}</textarea>
            <x-fault field="what" />
        </div>
        <x-field name="time" :label="__('When, on the clock here')" :value="old('time', $incident === null ? '' : $here->local($incident->happened_at)->format('H:i:s'))" placeholder="20:31" autocomplete="off" />
        <fieldset class="field" id="within">
            <legend>{{ __('How sure that is') }}</legend>
            <div class="answers">
                @foreach (App\Text\TypedMoment::WITHIN_S as $seconds)
                    <label><input class="form-check-input" type="radio" name="within" value="{{ $seconds }}" @checked((string) old('within', $incident?->within_s ?? 300) === (string) $seconds)>± {{ ObservationWords::within($seconds) }}</label>
                @endforeach
            </div>
            <x-fault field="within" />
        </fieldset>
        <x-field name="place" :label="__('Where')" :value="old('place', $incident?->place ?? '')" maxlength="120" />
        <fieldset class="field" id="method">
            <legend>{{ __('How somebody looked') }}</legend>
            <div class="answers">
                @foreach (HowLooked::cases() as $how)
                    <label><input class="form-check-input" type="radio" name="method" value="{{ $how->value }}" @checked(old('method', $incident?->method->value ?? '') === $how->value)>{{ ObservationWords::howLooked($how) }}</label>
                @endforeach
            </div>
            <x-fault field="method" />
        </fieldset>
        <x-choose name="lot_id" :label="__('Lot of the glasses or filter')" :options="$lots" :value="(string) old('lot_id', $incident?->lot_id ?? '')" />
        <x-field name="tag" :label="__('Number of the pair')" :value="old('tag', $incident?->tag ?? '')" inputmode="numeric" autocomplete="off" />
        @if ($viewers !== [])
            <x-choose name="viewer_id" :label="__('Viewer')" :options="$viewers" :value="(string) old('viewer_id', $incident?->viewer_id ?? '')" />
        @endif
        <x-field name="instrument" :label="__('Instrument')" :value="old('instrument', $incident?->instrument ?? '')" maxlength="120" />
        <div class="field">
            <label for="done">{{ __('What was done') }}</label>
            <textarea class="form-control" id="done" name="done" rows="2" maxlength="1000" aria-describedby="done-fault" @error('done') aria-invalid="true" @enderror>{{ old('done', $incident?->done) }}</textarea>
            <x-fault field="done" />
        </div>
        <x-field name="seen_by" :label="__('Seen by')" :value="old('seen_by', $incident?->seen_by ?? '')" maxlength="120" :hint="__('A post or a helper.')" />
        <button class="btn btn-primary">{{ __('Save') }}</button>
        <a class="btn btn-quiet" href="{{ route('logbook.incidents', $frame->event) }}">{{ __('Back') }}</a>
    </form>
    @if ($incident !== null)
        <form class="form-apart" method="post" action="{{ route('logbook.incidents.destroy', [$frame->event, $incident]) }}">@csrf @method('delete')<button class="btn btn-quiet">{{ __('Take it out') }}</button></form>
    @endif
</x-event-frame>
