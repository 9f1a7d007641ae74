<x-event-frame :frame="$frame" room="audience" :title="__('Stations')">
    <x-audience-tabs :event="$frame->event" current="audience.stations" />
    @if ($isSunDown)
        <p class="lead-answer">{{ __('The Sun is down all the while: nobody queues.') }}</p>
    @elseif ($looks > App\Pages\Audience\StationsPage::MOST_LOOKS)
        <p class="lead-answer">{{ __('Up to :most looks are played through; here there are :looks.', ['most' => App\Pages\Audience\StationsPage::MOST_LOOKS, 'looks' => $looks]) }}</p>
        <p>{{ __('Plan parts of the crowd, each with stations of its own, as events of their own.') }}</p>
    @elseif ($page === null)
        <p class="lead-answer">{{ __('No stations yet.') }}</p>
        <p>{{ __('Choose methods for the groups: each that people queue for makes a station here.') }} <a href="{{ route('audience.methods', $frame->event) }}">{{ __('Methods') }}</a></p>
    @else
        <p class="lead-answer">{{ $page->headline }}</p>
        <p>{{ $page->least }}</p>
        <h2 id="stations">{{ __('Stations') }}</h2>
        <x-table labelledby="stations" class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Station') }}</th>
                <th scope="col">{{ __('Where it stands') }}</th>
                <th scope="col" class="is-number">{{ __('People') }}</th>
                <th scope="col">{{ __('A look') }}</th>
                <th scope="col">{{ __('They wait') }}</th>
                <th scope="col" class="is-number">{{ __('Look in the best ten minutes') }}</th>
                <th scope="col" class="is-number">{{ __('Look at once') }}</th>
                <th scope="col" class="is-number">{{ __('Enough') }}</th>
            </x-slot:head>
            @foreach ($page->stations as $row)
                <tr>
                    <th scope="row">{{ $loop->iteration }} @can('update', $frame->event)<a href="{{ route('audience.stations.edit', [$frame->event, $row->station->method]) }}">{{ $row->name }}</a>@else{{ $row->name }}@endcan</th>
                    <td data-label="{{ __('Where it stands') }}">{{ $row->place }}</td>
                    <td class="is-number" data-label="{{ __('People') }}">{{ $row->people }}</td>
                    <td data-label="{{ __('A look') }}">{{ $row->look }}</td>
                    <td data-label="{{ __('They wait') }}">{{ $row->waits }}</td>
                    <td class="is-number" data-label="{{ __('Look in the best ten minutes') }}">{{ $row->best }}</td>
                    <td class="is-number" data-label="{{ __('Look at once') }}">{{ $row->station->places }}@if ($row->short) <span class="meaning">{{ $row->short }}</span>@endif</td>
                    <td class="is-number" data-label="{{ __('Enough') }}">{{ $row->least ?? '–' }}</td>
                </tr>
            @endforeach
        </x-table>
        <h2 id="yard">{{ __('The yard') }}</h2>
        @include('audience.yard', ['picture' => $page->picture])
        <h2 id="groups">{{ __('Groups') }}</h2>
        <x-table labelledby="groups" class="stacks">
            <x-slot:head>
                <th scope="col">{{ __('Group') }}</th>
                <th scope="col" class="is-number">{{ __('People') }}</th>
                <th scope="col">{{ __('How they come') }}</th>
                <th scope="col">{{ __('Let in first') }}</th>
                <th scope="col">{{ __('Had every look') }}</th>
            </x-slot:head>
            @foreach ($page->groups as $group)
                <tr><th scope="row">{{ $group['name'] }}</th><td class="is-number" data-label="{{ __('People') }}">{{ $group['people'] }}</td><td data-label="{{ __('How they come') }}">{{ $group['comes'] }}</td><td data-label="{{ __('Let in first') }}">{{ $group['first'] }}</td><td data-label="{{ __('Had every look') }}">{{ $group['done'] }}</td></tr>
            @endforeach
        </x-table>
        <h2>{{ __('Queues') }}</h2>
        <div class="queues">
            @foreach ($page->stations as $row)
                @include('audience.curve', ['curve' => $row->curve, 'name' => $row->name])
            @endforeach
        </div>
        <p class="note">{{ __('Played through once: first come, first served, those let in first before others; straight ways at :speed m/s, nobody goes away. Look times vary evenly about the mean.', ['speed' => KeenShadow\Core\Audience\Yard\Yard::WALK_M_S]) }} <a href="{{ route('audience.stations', [$frame->event, 'day' => $nextDay]) }}">{{ __('Another day like it') }}</a> · <a href="{{ route('audience.crowd', $frame->event) }}">{{ __('Try one queue with other numbers') }}</a></p>
    @endif
    @if ($viewers !== [])
        <section aria-labelledby="from-workshop" class="from-workshop">
            <h2 id="from-workshop">{{ __('From the workshop') }}</h2>
            <ul>
                @foreach ($viewers as $viewer)
                    <li><a href="{{ route('viewers.show', [$frame->event, $viewer->id]) }}">{{ $viewer->name }}</a>: {{ $viewer->words }}</li>
                @endforeach
            </ul>
        </section>
    @endif
</x-event-frame>
