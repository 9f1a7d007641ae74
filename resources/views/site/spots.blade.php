<h2 id="spots">{{ __('Clear sky from every spot') }}</h2>
@if ($spots === [])
    <p class="note">{{ __('Put viewers, a telescope, a queue or a screen on the plan: each gets a line here, with the minutes it is hidden.') }}</p>
@else
    <x-table labelledby="spots" class="align-middle stacks spots">
        <x-slot:head>
            <th scope="col">{{ __('Spot') }}</th>
            <th scope="col">{{ __('Verdict') }}</th>
            <th scope="col">{{ __('Hidden') }}</th>
            <th scope="col">{{ __('Contacts lost') }}</th>
            <th scope="col" class="is-number">{{ __('Whole disc clear') }}</th>
            <th scope="col">{{ __('Ground') }}</th>
        </x-slot:head>
        @foreach ($spots as $row)
            <tr>
                <th scope="row"><a href="{{ route('site.show', [$event, 'spot' => $row->name], false) }}">{{ $row->name }}</a> <span class="meaning">{{ $row->kind }}, {{ $row->eyes }}</span></th>
                <td><x-verdict-tag :subject="$row->verdict->subject" :level="$row->verdict->level" :rule="$row->verdict->rule()" /></td>
                <td data-label="{{ __('Hidden') }}">
                    @forelse ($row->hidden as $line)
                        <span class="line">{{ $line }}</span>
                    @empty
                        {{ __('never') }}
                    @endforelse
                </td>
                <td data-label="{{ __('Contacts lost') }}">{{ $row->lost }}</td>
                <td class="is-number" data-label="{{ __('Whole disc clear') }}">{{ $row->clear }}</td>
                <td data-label="{{ __('Ground') }}">{{ $row->ground }}</td>
            </tr>
        @endforeach
    </x-table>
    <p class="note">{{ __('Hidden from the first touch of the disc to the last. In brackets: how much earlier or later, if the plan is off by the :m m given below. For a queue, a screen or a shaded post, being hidden is what is wanted.', ['m' => $accuracyM]) }}</p>
@endif
