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
        @if ($cards === [])
            <p>{{ __('An event is one viewing of one eclipse at one place. From it follow the times, the glasses, the viewers and everything else.') }}</p>
        @else
            <ul class="event-cards">
                @foreach ($cards as $card)
                    <li>
                        <a href="{{ route('sky.show', $card->event) }}">
                            <time datetime="{{ $card->event->eclipse_date->format('Y-m-d') }}">{{ App\Text\Days::long($card->event->eclipse_date) }}</time>
                            <div>
                                <b>{{ $card->event->title }}</b>
                                <span>{{ $card->event->place_name }}</span>
                                <span>{{ $card->answer }}</span>
                            </div>
                            <x-ribbon-strip :ribbon="$card->ribbon" :id="$card->event->id" />
                        </a>
                        <p class="event-next">@if ($card->isOver){{ __('Over.') }}@else<a href="{{ $card->url }}">{{ $card->next }}</a>@endif</p>
                    </li>
                @endforeach
            </ul>
        @endif
        @if (count($removed) > 0)
            <details class="folded">
                <summary>{{ trans_choice('{1} 1 removed event|[2,*] :count removed events', count($removed)) }}</summary>
                <ul class="removed">
                    @foreach ($removed as $event)
                        <li>
                            {{ $event->title }}, {{ $event->place_name }}, {{ App\Text\Days::long($event->eclipse_date) }}
                            <form method="post" action="{{ route('events.restore', $event) }}">
                                @csrf
                                <button class="link-button">{{ __('Restore') }}<span class="visually-hidden"> {{ $event->title }}</span></button>
                            </form>
                        </li>
                    @endforeach
                </ul>
            </details>
        @endif
    </main>
</x-layout>
