<x-event-frame :frame="$frame" room="sky" :title="__('Map')">
    <p class="lead-answer">{{ __('Where the shadow goes') }}</p>
    <p>{{ $go->sentence }} <a href="{{ route('sky.show', $frame->event) }}">{{ __('Back to this place') }}</a></p>
    <div class="map" x-data="skyMap" data-path="{{ route('sky.geojson', $frame->event) }}" data-there="{{ route('sky.there', $frame->event) }}"
        data-asking="{{ __('Asking …') }}" data-unanswered="{{ __('There is no answer for that point: it is off the Earth, or the network is down.') }}"
        data-lat="{{ $frame->event->lat }}" data-lon="{{ $frame->event->lon }}">
        <x-map-canvas :label="__('World map with the path. Arrow keys move it, plus and minus zoom, Enter asks what is seen in the middle.')">
            <path class="map-horizon" x-ref="maximum_at_horizon" vector-effect="non-scaling-stroke"/>
            <path class="map-edge" x-ref="edge_of_eclipse" vector-effect="non-scaling-stroke"/>
            <path class="map-magnitude" x-ref="magnitude" vector-effect="non-scaling-stroke"/>
            <path class="map-path" x-ref="path" vector-effect="non-scaling-stroke"/>
            <path class="map-limit" x-ref="limit" vector-effect="non-scaling-stroke"/>
            <path class="map-line" x-ref="central_line" vector-effect="non-scaling-stroke"/>
            <g x-ref="labels"></g>
        </x-map-canvas>
        <p class="note">
            <span class="key is-path"></span> {{ __('path') }} <span class="key is-line"></span> {{ __('central line, instants in UTC') }}
            <span class="key is-magnitude"></span> {{ __('magnitude 0.8, 0.6, 0.4, 0.2 of the diameter') }}
            <span class="key is-edge"></span> {{ __('limit of the partial eclipse') }} <span class="key is-horizon"></span> {{ __('maximum at sunrise or sunset') }}.
            {{ __('Outlines: Natural Earth (public domain).') }}
        </p>
        <div class="map-there" x-ref="there" aria-live="polite"><p class="note">{{ __('Click or tap anywhere to see what is seen there.') }}</p></div>
    </div>

    @if ($go->inside > 0)
        <h2 id="towns">{{ __('Towns inside the path') }}</h2>
        <x-faults :saves="false" />
        <form method="get" action="{{ route('sky.map', $frame->event) }}#towns" class="side-by-side filters" novalidate>
            <x-field name="town" :label="__('Town, region or country')" :value="old('town', $go->sought)" type="search" />
            <div class="field"><button class="btn btn-primary">{{ __('Search') }}</button></div>
        </form>
        <p role="status">
            @if ($go->sought === '')
                {{ __(':shown of :inside towns, the largest first.', ['shown' => count($go->towns), 'inside' => $go->inside]) }}
            @else
                {{ __(':shown of :found towns that fit “:sought”; :inside lie inside.', ['shown' => count($go->towns), 'found' => $go->found, 'sought' => $go->sought, 'inside' => $go->inside]) }}
            @endif
        </p>
        @if ($go->towns !== [])
            <x-table :label="__('Towns inside the path')" class="stacks">
                <x-slot:head>
                    <th scope="col">{{ __('Town') }}</th>
                    <th scope="col" class="is-number">{{ __('Begins (C2)') }}</th>
                    <th scope="col">{{ __('Duration') }}</th>
                    <th scope="col" class="is-number">{{ __('Sun') }}</th>
                    <th scope="col" class="is-number">{{ __('From here') }}</th>
                </x-slot:head>
                @foreach ($go->towns as $town)
                    <tr>
                        <th scope="row">{{ $town->name }}</th>
                        <td data-label="{{ __('Begins (C2)') }}" class="is-number">{{ $town->begins }}</td>
                        <td data-label="{{ __('Duration') }}">{{ $town->duration }}</td>
                        <td data-label="{{ __('Sun') }}" class="is-number">{{ __(':altitude up', ['altitude' => $town->altitude]) }}</td>
                        <td data-label="{{ __('From here') }}" class="is-number">{{ $town->km }} km</td>
                    </tr>
                @endforeach
            </x-table>
        @endif
        <p class="note">{{ __('Towns: GeoNames, CC BY 4.0; heights are taken as sea level.') }}</p>
    @endif
    <p>
        <a class="btn btn-quiet" href="{{ route('sky.geojson', $frame->event) }}" download="path-{{ $frame->here->eclipse->date() }}.geojson">{{ __('Path as GeoJSON') }}</a>
        <a class="btn btn-quiet" href="{{ route('sky.kml', $frame->event) }}">{{ __('Path as KML') }}</a>
    </p>
</x-event-frame>
