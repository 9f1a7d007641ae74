<x-event-frame :frame="$frame" room="sky" :title="__('Next here')">
    <p class="lead-answer">{{ __('The next eclipses of the Sun here') }}</p>
    <p class="note">{{ __('At :place, with the Sun up. For when it is clouded out, and for the question every visitor asks.', ['place' => $frame->event->place_name]) }} <a href="{{ route('sky.show', $frame->event) }}">{{ __('Back to this eclipse') }}</a></p>
    <x-faults :saves="false" />
    <form method="get" action="{{ route('sky.next', $frame->event) }}" class="side-by-side filters" novalidate>
        <x-field name="to" :label="__('Up to the year')" :value="old('to', $next->toYear)" inputmode="numeric" />
        <div class="field">
            <label for="kind">{{ __('Kind seen here') }}</label>
            <select class="form-select" id="kind" name="kind">
                <option value="">{{ __('any') }}</option>
                @foreach (['total', 'annular', 'partial'] as $kind)
                    <option value="{{ $kind }}" @selected($next->kind?->value === $kind)>{{ __($kind) }}</option>
                @endforeach
            </select>
        </div>
        <x-field name="least" :label="__('Least area covered, %')" :value="old('least', $next->leastPercent)" inputmode="numeric" />
        <div class="field"><button class="btn btn-primary">{{ __('Show') }}</button></div>
    </form>
    @if ($next->rows === [])
        <p>{{ __('None of that kind up to :year. Try a smaller percentage or a later year.', ['year' => $next->toYear]) }}</p>
    @else
        <x-table :label="__('Eclipses to come')" class="stacks">
            <x-slot:head>
                <th scope="col">{{ __('Date') }}</th>
                <th scope="col">{{ __('Seen as') }}</th>
                <th scope="col" class="is-number">{{ __('Best at') }}</th>
                <th scope="col" class="is-number">{{ __('Obscuration (area)') }}</th>
                <th scope="col" class="is-number">{{ __('Magnitude (diameter)') }}</th>
                <th scope="col">{{ __('Sun') }}</th>
            </x-slot:head>
            @foreach ($next->rows as $row)
                <tr>
                    <th scope="row"><time datetime="{{ $row->date }}">{{ $row->day }}</time></th>
                    <td data-label="{{ __('Seen as') }}">{{ __($row->kind->value) }}{{ $row->duration === '' ? '' : ', ' . $row->duration }}</td>
                    <td data-label="{{ __('Best at') }}" class="is-number">{{ $row->time }}</td>
                    <td data-label="{{ __('Obscuration (area)') }}" class="is-number">{{ $row->percent }} %</td>
                    <td data-label="{{ __('Magnitude (diameter)') }}" class="is-number">{{ $row->magnitude }}</td>
                    <td data-label="{{ __('Sun') }}">{{ $row->isCut ? __('at the horizon, :compass', ['compass' => $row->compass]) : __(':altitude up, :compass', ['altitude' => $row->altitude, 'compass' => $row->compass]) }}</td>
                </tr>
            @endforeach
        </x-table>
    @endif
</x-event-frame>
