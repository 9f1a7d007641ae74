<x-event-frame :frame="$frame" room="sky" :title="__('Sky')">
    <div class="sky-top">
        <div>
            <x-sky-answer :answer="$page->answer" />
            <p class="caution">{{ $page->caution }} <a href="{{ route('rules.book', $frame->event) }}#{{ $frame->filters->reason->rule() }}">{{ __('The rule') }}</a></p>

            <h2 id="contacts">{{ __('Contacts') }}</h2>
            <x-table labelledby="contacts" class="contacts stacks">
                <x-slot:head>
                    <th scope="col">{{ __('Contact') }}</th>
                    <th scope="col" class="is-number">{{ __('Local time') }}, {{ $frame->clock->zone() }}<br>{{ __('UTC') }}</th>
                    <th scope="col" class="is-number">{{ __('Uncertainty') }}</th>
                    <th scope="col" class="is-number">{{ __('Altitude') }}</th>
                    <th scope="col" class="is-number">{{ __('Azimuth') }}</th>
                    <th scope="col" class="is-number">{{ __('Magnitude (diameter)') }}<br>{{ __('Obscuration (area)') }}</th>
                    <th scope="col">{{ __('On the Sun\'s edge') }}<br>{{ __('from north, zenith') }}</th>
                </x-slot:head>
                @foreach ($page->contacts as $row)
                    <tr @class(['is-down' => ! $row->isUp])>
                        <th scope="row">{{ $row->name }} <span class="meaning">{{ $row->meaning }}</span></th>
                        <td data-label="{{ __('Local time, UTC') }}" class="is-number"><time datetime="{{ $row->iso }}"><b>{{ $row->localTime }}</b></time> <span class="meaning">{{ $row->utc }}</span></td>
                        <td data-label="{{ __('Uncertainty') }}" class="is-number">{{ $row->uncertainty }}</td>
                        <td data-label="{{ __('Altitude') }}" class="is-number">{{ $row->isUp ? $row->altitude : __('Sun down') }}</td>
                        <td data-label="{{ __('Azimuth') }}" class="is-number">{{ $row->azimuth }} <span class="meaning">{{ $row->compass }}</span></td>
                        <td data-label="{{ __('Magnitude, obscuration') }}" class="is-number">{{ $row->magnitude }} <span class="meaning">{{ $row->obscuration }} %</span></td>
                        <td @if ($row->clock !== '') data-label="{{ __('On the Sun\'s edge, from north, zenith') }}" @endif class="is-edge">{{ $row->clock }} @if ($row->clock !== '')<span class="meaning">{{ $row->fromNorth }}, {{ $row->fromZenith }}</span>@endif</td>
                    </tr>
                @endforeach
            </x-table>
            <p>
                @forelse ($page->daylight as $fact)
                    <b>{{ $fact->what }}</b> {{ $fact->words }}@if (! $loop->last) · @endif
                @empty
                    {{ __('The Sun neither rises nor sets that day.') }}
                @endforelse
            </p>
        </div>

        <figure class="disc" x-data="skyDisc"
            data-covered="{{ __(':area % of the area, :diameter of the diameter covered') }}"
            data-place="{{ __('Sun :alt° up, azimuth :az° (:compass)') }}"
            data-rim="{{ __('Sun on the horizon, azimuth :az° (:compass)') }}"
            data-down="{{ __('Sun below the horizon') }}"
            data-on="{{ __('filters on') }}" data-off="{{ __('totality: filters may come off') }}">
            <script type="application/json" id="disc-samples" nonce="{{ Vite::cspNonce() }}">@json($page->disc->forScript($frame->ribbon->begin, $frame->ribbon->end))</script>
            <p class="disc-up" x-text="up()">{{ __('zenith up') }}</p>
            <svg viewBox="-1.6 -1.6 3.2 3.2" role="img" aria-label="{{ __('The Sun\'s disc at the chosen minute, zenith up') }}">
                <defs>
                    <clipPath id="disc-limb"><circle r="1.008"/></clipPath>
                    <radialGradient id="disc-glow" gradientUnits="userSpaceOnUse" cx="0" cy="0" r="1.6">
                        <stop offset="0.62" class="stop-white"/><stop offset="0.72" class="stop-white" stop-opacity="0.35"/><stop offset="1" class="stop-white" stop-opacity="0"/>
                    </radialGradient>
                </defs>
                <rect class="disc-shade" x="-1.6" y="-1.6" width="3.2" height="3.2" opacity="0" x-ref="shade"/>
                <circle class="disc-corona" r="1.6" visibility="hidden" x-ref="corona"/>
                <g x-ref="view">
                <circle class="disc-sun" r="1"/>
                <circle class="disc-moon" r="1" cx="3" clip-path="url(#disc-limb)" x-ref="moon"/>
                </g>
            </svg>
            <input type="range" min="0" max="{{ $page->disc->last() }}" value="{{ $page->disc->best }}" x-ref="slider" x-on:input="move" aria-label="{{ __('Minute of the eclipse') }}">
            <output aria-live="off">
                <b x-text="title()"></b><br>
                <span x-text="covered()"></span><br>
                <span x-text="place()"></span><br>
                <b x-text="filters()"></b>
            </output>
            <p>
                @foreach ($page->contacts as $row)
                    <button type="button" class="btn btn-quiet" x-on:click="jump" data-contact="{{ $row->name }}">{{ $row->name }}</button>
                @endforeach
            </p>
            <label for="disc-view">{{ __('Seen') }}</label>
            <select class="form-select" id="disc-view" x-on:change="turn">
                <option value="1 1" data-up="{{ __('zenith up') }}">{{ __('in the sky, through a filter') }}</option>
                <option value="-1 1" data-up="{{ __('zenith up, left and right swapped') }}">{{ __('in a flat mirror') }}</option>
                <option value="1 -1" data-up="{{ __('zenith down') }}">{{ __('through a hole, the Sun at your back') }}</option>
                <option value="-1 -1" data-up="{{ __('turned by 180°') }}">{{ __('through a hole, on a screen from behind') }}</option>
            </select>
        </figure>
    </div>

    <h2>{{ __('How it goes') }}</h2>
    <x-sky-curves :curves="$page->curves" :ribbon="$frame->ribbon" />

    <div class="sky-more">
        <section>
            <h2>{{ __('Why it is :kind here', ['kind' => __($frame->here->circumstances->kind->value)]) }}</h2>
            @foreach ($page->why as $sentence)
                <p>{{ $sentence }}</p>
            @endforeach
        </section>
        <section>
            <h2>{{ __('The lunar eclipse half a month away') }}</h2>
            @forelse ($page->lunar as $fact)
                <p><b>{{ $fact->what }}</b> {{ $fact->words }}</p>
            @empty
                <p>{{ __('There is none half a month before or after this one.') }}</p>
            @endforelse
        </section>
    </div>

    <section class="take-along">
        <h2>{{ __('Print and download') }}</h2>
        <p>
            <a class="btn btn-quiet" href="{{ route('sky.calendar', $frame->event) }}">{{ __('Calendar with alarms (iCalendar)') }}</a>
            <a class="btn btn-quiet" href="{{ route('sky.table', $frame->event) }}">{{ __('Times as a table (CSV)') }}</a>
            <a class="btn btn-quiet" href="{{ route('sky.map', $frame->event) }}">{{ __('Map and where to go') }}</a>
            <a class="btn btn-quiet" href="{{ route('place-lists.index', $frame->event) }}">{{ __('Times for many places') }}</a>
            <a class="btn btn-quiet" href="{{ route('sky.next', $frame->event) }}">{{ __('Next eclipses here') }}</a>
        </p>
    </section>

    <details class="folded">
        <summary>{{ __('Show the calculation') }}</summary>
        <dl>
            @foreach ($page->calculation as $fact)
                <dt>{{ $fact->what }}</dt><dd>{{ $fact->words }}</dd>
            @endforeach
        </dl>
        <p class="note">{{ __('Besselian elements are built from the series ELP/MPP02 (Moon) and VSOP87 (Sun) and solved for this place. Magnitude is the fraction of the Sun\'s diameter covered, obscuration the fraction of its area. Altitudes are true, without refraction; sunrise and sunset are of the upper limb with 34′ of refraction, over a level horizon.') }}</p>
    </details>
</x-event-frame>
