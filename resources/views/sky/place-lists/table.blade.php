<div role="status" data-done="{{ $table->progress->isDone() || $table->progress->hasFailed ? '1' : '' }}">
    @if ($table->progress->isDone())
        {{ trans_choice('{1} 1 place, computed.|[2,*] :count places, all computed.', $table->progress->size) }}
        <a href="{{ route('place-lists.csv', [$event, $table->list]) }}">{{ __('Whole table as CSV') }}</a>
    @else
        <label>{{ __(':done of :all places computed', ['done' => $table->progress->done, 'all' => $table->progress->size]) }} <progress max="{{ $table->progress->size }}" value="{{ $table->progress->done }}"></progress></label>
        @if ($table->progress->hasFailed)
            <p class="fault">{{ __('Computing the rest was given up; what is shown is right.') }}</p>
            @can('update', $event)
                <form method="post" action="{{ route('place-lists.compute', [$event, $table->list]) }}">
                    @csrf
                    <button class="btn btn-quiet">{{ __('Compute again') }}</button>
                </form>
            @endcan
        @elseif (! $table->progress->isWorkedOn)
            <p class="fault">{{ __('Nobody works on it just now: is a queue worker running? It goes on by itself as soon as one does.') }}</p>
        @endif
    @endif
</div>
<x-table :label="__('Places')" class="place-list stacks">
    <x-slot:head>
        @foreach (App\Pages\Sky\PlaceTable::columns() as $column => $head)
            <th scope="col" @class(['is-number' => ! in_array($column, ['name', 'kind'], true)]) aria-sort="{{ $table->sortOf($column) }}"><a href="{{ route('place-lists.show', [$event, $table->list, 'sort' => $table->sortBy($column)]) }}">{{ $head }}</a></th>
        @endforeach
        <th scope="col"><span class="visually-hidden">{{ __('Calendar') }}</span></th>
    </x-slot:head>
    @foreach ($table->rows as $row)
        <tr @class(['is-down' => $row->isComputed && ! $row->isSeen])>
            <th scope="row">{{ $row->name }} <span class="meaning">{{ $row->zone }}</span></th>
            <td data-label="{{ __('Seen as') }}">{{ $row->seenAs }} @if ($row->rule)<a class="meaning" href="{{ route('rules.book', $event, false) }}#{{ $row->rule }}">{{ $row->filters }}</a>@endif</td>
            @foreach ($row->contacts as $i => $contact)
                <td data-label="{{ ['C1', 'C2', __('Max'), 'C3', 'C4'][$i] }}" @class(['is-number', 'is-down' => $contact['isDown']])>{{ $contact['time'] }}@if ($contact['isDown']) <span class="meaning">{{ __('Sun down') }}</span>@endif</td>
            @endforeach
            <td class="is-number" data-label="{{ __('Obscuration (area)') }}">{{ $row->obscuration }}</td>
            <td class="is-number has-words" data-label="{{ __('Duration') }}">{{ $row->lasts }}</td>
            <td class="is-number" data-label="{{ __('Sun at max') }}">{{ $row->altitude }}</td>
            <td>@if ($row->isSeen)<a href="{{ route('place-lists.calendar', [$event, $table->list, $row->id]) }}">ics<span class="visually-hidden"> {{ $row->name }}</span></a>@endif</td>
        </tr>
    @endforeach
</x-table>
<x-pages :pages="$table->places" />
