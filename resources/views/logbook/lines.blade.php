<x-table :label="$label" class="align-middle stacks log-lines">
    <x-slot:head>
        <th scope="col" class="is-number">{{ __('Time') }}</th>
        <th scope="col" class="is-number">{{ __('Covered') }}</th>
        <th scope="col">{{ __('What') }}</th>
        <th scope="col">{{ __('Who, and how sure of the time') }}</th>
        @if (! $isOld)
            <th scope="col"><span class="visually-hidden">{{ __('Change') }}</span></th>
        @endif
    </x-slot:head>
    @foreach ($rows as $row)
        <tr>
            <th scope="row" class="is-number">{{ $row->time }}</th>
            <td data-label="{{ __('Covered') }}" class="is-number">{{ $row->covered }}</td>
            <td data-label="{{ __('What') }}"><b>{{ $row->what }}</b> {{ $row->words }}</td>
            <td data-label="{{ __('Who') }}">{{ $row->who }} <span class="meaning">{{ $row->within }}</span></td>
            @if (! $isOld)
                <td>
                    @if ($row->canBeCorrected && Gate::allows('update', $event))
                        <a href="{{ route('logbook.lines.edit', [$event, $row->id]) }}">{{ __('Correct') }}<span class="visually-hidden"> {{ $row->time }} {{ $row->what }}</span></a>
                    @endif
                </td>
            @endif
        </tr>
    @endforeach
</x-table>
