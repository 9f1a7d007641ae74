<x-table :labelledby="$labelledby" class="stacks sheet-rows">
    <x-slot:head>
        <th scope="col">{{ __('Time') }}</th>
        <th scope="col">{{ __('Cue') }}</th>
        <th scope="col">{{ __('Hangs on') }}</th>
        <th scope="col">{{ __('Lasts') }}</th>
        <th scope="col">{{ __('Who, where') }}</th>
    </x-slot:head>
    @foreach ($rows as $row)
        <tr>
            <td class="cue-when" data-label="{{ __('Time') }}">{{ $row->time }}</td>
            <th scope="row">
                @if ($row->id !== '' && Gate::allows('update', $event))
                    <a href="{{ route('runsheet.edit', [$event, $row->id]) }}">{{ $row->name }}</a>
                @else
                    {{ $row->name }}
                @endif
                <span class="meaning">{{ $row->kind }}</span>
                @foreach ($row->notes as $note)
                    <span class="line cue-note">{{ $note }}</span>
                @endforeach
                @if ($row->call !== '')
                    <span class="line"><q>{{ $row->call }}</q></span>
                @endif
                @if ($row->crew !== '')
                    <span class="line">{{ $row->crew }}</span>
                @endif
            </th>
            <td class="cue-hangs" data-label="{{ __('Hangs on') }}">{{ $row->hangs }}</td>
            <td data-label="{{ __('Lasts') }}">{{ $row->length }}</td>
            <td data-label="{{ __('Who, where') }}">{{ $row->who }}@if ($row->where !== '')<span class="line">{{ $row->where }}</span>@endif</td>
        </tr>
    @endforeach
</x-table>
