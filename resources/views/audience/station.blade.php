@use('App\Text\AudienceWords')
<x-event-frame :frame="$frame" room="audience" :title="AudienceWords::method($station->method)">
    <p class="lead-answer">{{ AudienceWords::method($station->method) }}</p>
    <x-faults />
    <form method="post" action="{{ route('audience.stations.update', [$frame->event, $station->method]) }}" novalidate>
        @csrf
        @method('put')
        <input type="hidden" name="version" value="{{ $station->version }}" autocomplete="off">
        <div class="field">
            <label for="place">{{ __('Where it stands') }}</label>
            <select class="form-select" id="place" name="place" aria-describedby="place-fault place-hint">
                <option value="">{{ __('not on the plan') }}</option>
                @foreach ($places as $place)
                    <option @selected(old('place', $station->place) === $place)>{{ $place }}</option>
                @endforeach
                @if ($station->place !== null && ! in_array($station->place, $places, true))
                    <option selected>{{ $station->place }}</option>
                @endif
            </select>
            <x-meanwhile name="place" :stored="$station->place" />
            <x-fault field="place" />
            <p class="hint" id="place-hint">{{ __('A place of the site plan; moved there, it moves here. How far it is to walk follows from it.') }}</p>
        </div>
        <x-field name="places" type="number" min="1" :label="__('How many look at once')" :value="old('places', $station->places)" :stored="$station->places" :hint="__('Pairs in use, eyepieces, places before a screen.')" />
        <x-field name="look_s" :label="__('A look, s')" :value="old('look_s', $station->look_s)" :stored="$station->look_s" inputmode="decimal" />
        <x-field name="spread_s" :label="__('more or less, s')" :value="old('spread_s', $station->spread_s)" :stored="$station->spread_s" inputmode="decimal" />
        <x-field name="hand_s" :label="__('Handing over, s')" :value="old('hand_s', $station->hand_s)" :stored="$station->hand_s" inputmode="decimal" />
        <button class="btn btn-primary">{{ __('Save this station') }}</button>
    </form>
</x-event-frame>
