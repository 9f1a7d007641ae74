@php use App\Text\SiteWords; @endphp
<x-event-frame :frame="$frame" room="site" :title="__('Position and files')">
    <x-site-tabs :event="$frame->event" current="site.files" />
    <x-faults />
    <p class="lead-answer">{{ __('Where are you?') }}</p>
    @can('update', $frame->event)
        <div x-data="position" data-read="{{ route('site.position.read', $frame->event) }}" data-denied="{{ __('The browser gives no position: allow it, or go where there is sky.') }}" data-within="{{ __('within :m m') }}">
            <div class="devices">
                <form method="post" action="{{ route('site.position.read', $frame->event) }}" x-on:submit.prevent="read">
                    @csrf
                    <button class="btn btn-primary" x-bind:disabled="busy">{{ __('Read the GPS receiver') }}</button>
                    <p class="hint">{{ __('NMEA 0183 over TCP from :host, port :port; averaged over :s s. Let it lie still.', ['host' => config('devices.gps.host'), 'port' => config('devices.gps.port'), 's' => config('devices.gps.seconds')]) }}</p>
                </form>
                <div>
                    <button type="button" class="btn btn-quiet" x-on:click="askBrowser" x-bind:disabled="busy">{{ __('Ask this device') }}</button>
                    <p class="hint">{{ __('The browser\'s own location; a phone outdoors knows it to 3 to 20 m.') }}</p>
                </div>
            </div>
            <div x-ref="reading" aria-live="polite" x-on:click="take">
                @if ($reading)
                    @include('site.reading', ['event' => $frame->event])
                @endif
            </div>
            <p class="fault" role="alert" x-ref="denied" hidden></p>
            <form method="post" action="{{ route('site.position.use', $frame->event) }}" class="asked" novalidate>
                @csrf
                <x-made-from :record="$frame->event" />
                <div class="field is-wide">
                    <label for="position">{{ __('Position') }}</label>
                    <input class="form-control" id="position" name="position" value="{{ old('position') }}" x-ref="position" aria-describedby="position-hint position-fault" @error('position') aria-invalid="true" @enderror>
                    <x-fault field="position" />
                    <p class="hint" id="position-hint" x-ref="hint">{{ __('Like 36.5297 -6.2926, 36°31′47″N 6°17′33″W, a geo: link or a GPX waypoint') }}</p>
                </div>
                <x-field name="spot_name" :label="__('Spot')" :value="old('spot_name', $spot)" maxlength="60" :hint="__('One of the plan moves there; a new name makes a new one')" />
                <button class="btn btn-primary" name="as" value="spot">{{ __('Move the spot there') }}</button>
                <button class="btn btn-quiet" name="as" value="event">{{ __('Use as the event\'s place') }}</button>
            </form>
        </div>
        <h2 id="in">{{ __('Import from a file') }}</h2>
        <form method="post" action="{{ route('site.import', $frame->event) }}" enctype="multipart/form-data" class="asked" novalidate>
            @csrf
            <div class="field is-wide">
                <label for="file">{{ __('GeoJSON, GPX or KML: added to the plan. CSV: the far horizon') }}</label>
                <input class="form-control" type="file" id="file" name="file" accept=".geojson,.json,.gpx,.kml,.csv,.txt" aria-describedby="file-hint file-fault">
                <x-fault field="file" />
                <p class="hint" id="file-hint">{{ __('A track that ends where it began is an outline, another line a wall, a point a spot. CSV: azimuth_deg, altitude_deg. All of the file is taken, or none of it.') }}</p>
            </div>
            <div class="field">
                <label for="areas">{{ __('An outline is') }}</label>
                <select class="form-select" id="areas" name="areas">
                    @foreach (App\Http\Requests\Site\OutlineRequest::areaKinds() as $kind)
                        <option value="{{ $kind->value }}" @selected(old('areas') === $kind->value)>{{ SiteWords::of($kind) }}</option>
                    @endforeach
                </select>
            </div>
            <button class="btn btn-quiet">{{ __('Import') }}</button>
        </form>
    @endcan
    <h2 id="out">{{ __('Download') }}</h2>
    <p class="take-along">
        <a class="btn btn-quiet" href="{{ route('site.geojson', $frame->event) }}">{{ __('Plan as GeoJSON') }}</a>
        <a class="btn btn-quiet" href="{{ route('site.gpx', $frame->event) }}">{{ __('Plan as GPX') }}</a>
        <a class="btn btn-quiet" href="{{ route('site.horizon', $frame->event) }}">{{ __('Horizon as CSV') }}</a>
    </p>
</x-event-frame>
