<div x-data="eventForm" data-eclipses="{{ route('sky.eclipses') }}" data-places="{{ route('sky.places') }}">
    <script type="application/json" id="event-form" nonce="{{ Vite::cspNonce() }}">@json($form->forScript())</script>

    <h2>{{ __('Where') }}</h2>
    @if ($form->earlier !== [])
        <p class="hint">{{ __('Places of earlier events') }}</p>
        <div class="earlier-places" x-on:click="takeEarlier">
            @foreach ($form->earlier as $event)
                <a class="btn btn-quiet" href="{{ route('events.create', ['place_name' => $event->place_name, 'lat' => $event->lat, 'lon' => $event->lon, 'height_m' => $event->height_m, 'timezone' => $event->timezone]) }}"
                    data-name="{{ $event->place_name }}" data-lat="{{ $event->lat }}" data-lon="{{ $event->lon }}" data-height="{{ $event->height_m }}" data-zone="{{ $event->timezone }}">{{ $event->place_name }}</a>
            @endforeach
        </div>
    @endif
    <div class="field place-search">
        <label for="place">{{ __('Find a town, or paste coordinates') }}</label>
        <input class="form-control" id="place" type="search" autocomplete="off" x-ref="place" x-on:input="search" x-on:keydown.enter.prevent="takeFirst"
            aria-describedby="place-hint" placeholder="{{ __('Cádiz · 36.53 −6.29 · 36°31′38″N 6°17′33″W · geo: · a GPX waypoint') }}">
        <ul class="found" x-ref="found" x-on:click="take" aria-live="polite"></ul>
        <p class="hint" id="place-hint">{{ __('Enter takes the first when it is just what you typed. Towns and regions: GeoNames, CC BY 4.0; they carry no height.') }}</p>
    </div>
    <p class="fault" x-ref="unreached" role="alert" hidden>{{ __('The server does not answer: what is listed here may belong to another place. It is asked again at the next change.') }}</p>
    <div x-on:picked="pick">
        <details class="folded" x-data="placeMap" x-on:toggle="open">
            <summary>{{ __('Pick it on a map') }}</summary>
            <x-map-canvas :label="__('World map. Arrow keys move it, plus and minus zoom, Enter takes the middle.')" :site="false" />
            <p class="note">{{ __('Zoom in and tap the place; its coordinates and time zone fill the fields below. Outlines: Natural Earth (public domain).') }}</p>
        </details>
    </div>
    <div class="side-by-side">
        <x-field name="place_name" :label="__('Name of the place')" :value="$form->values['place_name']" :stored="$form->stored['place_name'] ?? null" x-model="place_name" maxlength="120" />
        <x-field name="timezone" :label="__('Time zone')" :value="$form->values['timezone']" :stored="$form->stored['timezone'] ?? null" x-model="timezone" list="zones" :hint="__('By its IANA name, such as Europe/Madrid')" />
    </div>
    <datalist id="zones">
        @foreach (DateTimeZone::listIdentifiers() as $zone)
            <option value="{{ $zone }}"></option>
        @endforeach
    </datalist>
    <div class="side-by-side">
        <x-field name="lat" :label="__('Latitude, degrees')" :value="$form->values['lat']" :stored="$form->stored['lat'] ?? null" x-model="lat" inputmode="text" :hint="__('North is positive: 36.53')" />
        <x-field name="lon" :label="__('Longitude, degrees')" :value="$form->values['lon']" :stored="$form->stored['lon'] ?? null" x-model="lon" inputmode="text" :hint="__('East is positive, west negative: −6.29')" />
        <x-field name="height_m" :label="__('Height above the sea, metres')" :value="$form->values['height_m']" :stored="$form->stored['height_m'] ?? null" x-model="height_m" inputmode="text" :hint="__('1 000 m of height move a contact by about 1 s, sometimes by 2. Satellites measure above the ellipsoid: up to 107 m more or less, a quarter of a second')" />
    </div>

    @if ($errors->has('as_typed'))
        <div class="field">
            <label><input class="form-check-input" type="checkbox" name="as_typed" id="as_typed" value="1"> {{ __('It is right as I typed it') }}</label>
            <x-fault field="as_typed" />
        </div>
    @endif

    <h2 id="eclipse_date" tabindex="-1">{{ __('Which eclipse') }}</h2>
    <x-meanwhile name="eclipse" :stored="$form->stored['eclipse'] ?? null" :words="$form->stored['date'] ?? null" />
    <x-fault field="eclipse_date" />
    <div x-ref="list" aria-live="polite">
        @include('sky.eclipse-list')
    </div>

    <h2>{{ __('What it is called') }}</h2>
    <x-field name="title" :label="__('Title')" :value="$form->values['title']" :stored="$form->stored['title'] ?? null" maxlength="120" />
</div>
