<section class="day-look" aria-labelledby="day-look">
    <details class="folded" open>
        <summary id="day-look">{{ __('Look round in totality') }}</summary>
        <div class="look-parts">
            <figure>
                <svg class="look-rose" viewBox="-125 -125 250 250" role="img" aria-label="{{ __('The sky round you, north above: the rim is the horizon, the middle overhead') }}">
                    <circle class="look-rim" r="{{ $look->rose::RIM }}"/>
                    @foreach ($look->rose::RINGS as $ring)<circle class="look-ring" r="{{ $ring }}"/>@endforeach
                    @foreach ([[__('N'), 0, -106], [__('E'), 112, 5], [__('S'), 0, 118], [__('W'), -112, 5]] as [$letter, $x, $y])
                        <text x="{{ $x }}" y="{{ $y }}" text-anchor="middle">{{ $letter }}</text>
                    @endforeach
                    @if ($look->rose->shadowDeg !== null)
                        <g transform="rotate({{ $look->rose->shadowDeg }})"><path class="look-shadow" d="M-16,-100 L16,-100 L0,-62 Z"/></g>
                    @endif
                    <circle class="look-sun" cx="{{ $look->rose->sun['x'] }}" cy="{{ $look->rose->sun['y'] }}" r="6"/>
                    @foreach ($look->rose->planets as $planet)
                        <circle class="look-planet" cx="{{ $planet['x'] }}" cy="{{ $planet['y'] }}" r="3"/>
                        <text x="{{ $planet['labelX'] }}" y="{{ $planet['labelY'] }}" dy="4.5" text-anchor="middle">{{ $planet['label'] }}</text>
                    @endforeach
                </svg>
                <figcaption>{{ __('The sky round you, north above; the rings are 30° and 60° high.') }}</figcaption>
            </figure>
            <div>
                <p><b>{{ __('Sun') }}</b>: {{ $look->sun }}</p>
                @if ($look->shadow !== '')
                    <p>{{ $look->shadow }}</p>
                @endif
                <ol class="look-planets">
                    @foreach ($look->planets as $planet)
                        <li>{{ $planet }}</li>
                    @endforeach
                </ol>
                <table class="day-lines-table">
                    <tbody>
                        @foreach ($page->pack->tables[0]['looks'] as $row)
                            <tr><td>{{ $row['time'] }}</td><td><b>{{ $row['name'] }}</b> {{ $look->looks[$row['id']] }}</td></tr>
                        @endforeach
                    </tbody>
                </table>
                <p class="note">{{ __('Nobody spends totality on a camera: it is over before it is set up.') }}</p>
            </div>
        </div>
    </details>
</section>
