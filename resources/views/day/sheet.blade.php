<table class="day-lines-table">
    <thead><tr><th scope="col">{{ __('Time') }}</th><th scope="col">{{ __('Cue') }}</th><th scope="col">{{ __('Who, where') }}</th></tr></thead>
    <tbody>
        @foreach ($page->sheet as $row)
            <tr @class(['is-filters' => $row['isFilters']])>
                <td>{{ $row['time'] }}</td>
                <td><b>{{ $row['name'] }}</b>@if ($row['call'] !== '') “{{ $row['call'] }}”@endif</td>
                <td>{{ $row['who'] }}</td>
            </tr>
        @endforeach
    </tbody>
</table>
