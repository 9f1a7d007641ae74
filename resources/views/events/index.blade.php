<x-layout :title="__('Events')">
    <main class="plain" id="work">
        <x-status />
        <h1>{{ __('Events') }}</h1>
        @if ($organisation->is_demo)
            <p class="note">{{ __('A demo: the organisation, its people, suppliers and batches are made up. The times are computed.') }}</p>
        @endif
        @can('create', App\Models\Event::class)
            <p><a class="btn btn-primary" href="{{ route('events.create') }}">{{ __('New event') }}</a></p>
        @endcan
        @if ($events->isEmpty())
            <p>{{ __('An event is one viewing of one eclipse at one place. From it follow the times, the glasses, the viewers and everything else.') }}</p>
        @else
            <ul class="event-cards">
                @foreach ($events as $event)
                    <li>
                        <a href="{{ route('sky.show', $event) }}">
                            <time datetime="{{ $event->eclipse_date->format('Y-m-d') }}">{{ $event->eclipse_date->format('j F Y') }}</time>
                            <div>
                                <b>{{ $event->title }}</b>
                                <span>{{ $event->place_name }}</span>
                                <span>{{ $answers[$event->id]->headline }}</span>
                            </div>
                        </a>
                    </li>
                @endforeach
            </ul>
        @endif
    </main>
</x-layout>
