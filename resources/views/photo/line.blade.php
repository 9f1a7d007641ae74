{{-- A shot list along the time without filter; App\Drawings\Photo\TotalityLine computed every place. --}}
<h3>{{ $title }} <span class="meaning">{{ __('filter off from :off, on by :on', ['off' => $off, 'on' => $on]) }}</span></h3>
@if ($rows === [])
    <p>{{ __('Too short for any picture: leave the filter on.') }}</p>
@elseif ($line !== null)
    <div class="totality-line">
        <svg height="62" role="img" aria-label="{{ __(':title: :n wishes along the time without filter', ['title' => $title, 'n' => count($rows)]) }}">
            <rect class="line-on" y="12" width="100%" height="26"/>
            <rect class="line-free" x="{{ $line->free['x'] }}%" width="{{ $line->free['width'] }}%" y="12" height="26"/>
            @foreach ($line->hands as $hand)<rect class="line-hand" x="{{ $hand['x'] }}%" width="{{ $hand['width'] }}%" y="12" height="26"/>@endforeach
            @foreach ($line->shots as $shot)<rect class="line-shot" x="{{ $shot['x'] }}%" width="{{ $shot['width'] }}%" y="12" height="26"/>@endforeach
            @foreach ($line->numbers as $number)<text class="line-number" x="{{ $number['x'] }}%" y="9">{{ $number['text'] }}</text>@endforeach
            <line class="line-warning" x1="{{ $line->warning }}%" x2="{{ $line->warning }}%" y1="12" y2="44"/>
            @foreach ($line->ticks as $tick)
                <line class="line-tick" x1="{{ $tick->at }}%" x2="{{ $tick->at }}%" y1="38" y2="44"/>
                <text class="line-second" x="{{ $tick->at }}%" y="57" text-anchor="middle">{{ $tick->label }}</text>
            @endforeach
        </svg>
    </div>
    <x-table class="align-middle stacks shot-list">
        <x-slot:head>
            <th scope="col">{{ __('What') }}</th>
            <th scope="col">{{ __('Exposures') }}</th>
            <th scope="col" class="is-number">{{ __('Seconds after the call') }}</th>
            <th scope="col" class="is-number">{{ __('At') }}</th>
            <th scope="col" class="is-number">{{ __('Takes, s') }}</th>
        </x-slot:head>
        @foreach ($rows as $row)
            <tr>
                <th scope="row">{{ $row['number'] }} {{ $row['name'] }}</th>
                <td data-label="{{ __('Exposures') }}">{{ $row['exposures'] }}</td>
                <td data-label="{{ __('Seconds after the call') }}" class="is-number">{{ $row['since'] }}</td>
                <td data-label="{{ __('At') }}" class="is-number">{{ $row['at'] }}</td>
                <td data-label="{{ __('Takes, s') }}" class="is-number">{{ $row['takes'] }}</td>
            </tr>
        @endforeach
    </x-table>
@endif
