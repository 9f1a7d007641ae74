<x-event-frame :frame="$frame" room="logbook" :title="__('Sites side by side')">
    <x-logbook-tabs :event="$frame->event" current="logbook.instruments" />
    <p class="lead-answer">{{ __('The same eclipse at all our sites') }}</p>
    @if ($page->rows === [])
        <p>{{ __('No thermometer has logged this eclipse anywhere yet.') }}</p>
    @else
        <figure class="measured-strip">
            <svg height="220" role="img" aria-label="{{ __('Temperature minus baseline against minutes from the maximum of each site') }}">
                <svg x="40" y="16" height="170" width="96%" overflow="visible">
                    <x-svg-axis :ticks="$page->curves->kelvins" axis="y" unit="%" line="measured-grid" from="0" to="100%" label="curve-label" at="-38" dy="4" />
                    <x-svg-axis :ticks="$page->curves->minutes" axis="x" unit="%" line="lane-mark" from="0" to="100%" label="curve-label" at="190" text-anchor="middle" />
                    <svg width="100%" height="100%" viewBox="0 0 100 100" preserveAspectRatio="none" overflow="visible">
                        @foreach ($page->curves->lines as $line)
                            <polyline class="measured-line measured-line-{{ $line['index'] }}" points="{{ $line['points'] }}" vector-effect="non-scaling-stroke"/>
                        @endforeach
                    </svg>
                </svg>
            </svg>
            <figcaption>{{ __('Temperature minus baseline, against minutes from the maximum of each site') }}</figcaption>
        </figure>
        <x-table :label="__('Sites')" class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Site, instrument') }}</th>
                <th scope="col">{{ __('Maximum') }}</th>
                <th scope="col" class="is-number">{{ __('Covered') }}</th>
                <th scope="col">{{ __('Cooled') }}</th>
            </x-slot:head>
            @foreach ($page->rows as $row)
                <tr>
                    <th scope="row"><svg class="measured-swatch" viewBox="0 0 24 8" aria-hidden="true"><path class="measured-line measured-line-{{ $loop->iteration }}" d="M0 4H24"/></svg> <a href="{{ route('logbook.instruments', $row['event']) }}">{{ $row['event']->title }}</a> <span class="meaning">{{ $row['instrument'] }}</span></th>
                    <td data-label="{{ __('Maximum') }}">{{ $row['maximum'] }}</td>
                    <td data-label="{{ __('Covered') }}" class="is-number">{{ $row['covered'] }}</td>
                    <td data-label="{{ __('Cooled') }}"><b>{{ $row['worth'] }}</b>: {{ $row['drop'] }}</td>
                </tr>
            @endforeach
        </x-table>
    @endif
</x-event-frame>
