<x-layout :title="__('Duties of :name', ['name' => $page->name])">
    <main class="own-duties" id="work">
        <h1>{{ __('Duties of :name', ['name' => $page->name]) }}</h1>
        <p class="lead-answer">{{ $page->headline }}</p>
        @foreach ($page->events as $event)
            <section>
                <h2>{{ $event['event'] }}</h2>
                <p>{{ $event['day'] }} · {{ $event['place'] }} · {{ $event['zone'] }}</p>
                <p class="caution">{{ $event['filters'] }}</p>
                <p><a class="btn btn-primary" href="{{ route('duties.day.show', [$key, $event['id']]) }}">{{ __('The screen of the day') }}</a> <a class="btn btn-quiet" href="{{ route('duties.training.index', [$key, $event['id']]) }}">{{ __('Practise for it') }}</a></p>
                <ol class="duty-list">
                    @foreach ($event['duties'] as $duty)
                        <li>
                            <span class="duty-time">{{ $duty['time'] }}</span>
                            <b>{{ $duty['what'] }}</b>@if ($duty['where'] !== ''), {{ $duty['where'] }}@endif
                            @foreach ($duty['lines'] as $line)
                                <span class="line">{{ $line }}</span>
                            @endforeach
                        </li>
                    @endforeach
                </ol>
            </section>
        @endforeach
        <p>{{ __('Times may still change: look again on the morning, or let a calendar follow them.') }}</p>
        <p><a class="btn btn-quiet" href="{{ route('runsheet.duties.calendar', $key) }}">{{ __('Calendar with alarms (iCalendar)') }}</a></p>
        <p class="note">{{ __('Nobody has to sign in here: whoever has this address can read it. Keep it to yourself.') }}</p>
    </main>
</x-layout>
