<x-event-frame :frame="$frame" room="logbook" :title="__('Eyes afterwards')">
    <x-logbook-tabs :event="$frame->event" current="logbook.eyes" />
    <p class="lead-answer">{{ __('If somebody says their eyes complain') }}</p>
    @include('logbook.eye-advice')
    <p><a class="btn btn-primary" href="{{ route('logbook.eyes.create', $frame->event) }}">{{ __('Write down what they say') }}</a></p>
    <p class="note">{{ __('Seen by organisers alone. As little as serves, no names, and deleted on the day that you choose.') }}</p>
    @foreach ($pages as $page)
        <section class="instrument">
            <h2><a href="{{ route('logbook.eyes.show', [$frame->event, $page->report]) }}">{{ $page->report->called }}</a> <span class="meaning">{{ __('told :moment', ['moment' => $page->told]) }}</span></h2>
            @if ($page->report->closed_at !== null)
                <p>{{ __('Closed') }}: {{ $page->report->closed_how }}</p>
            @else
                <ul class="plain-list">
                    @foreach ($page->reminders as $reminder)
                        <li>@if ($reminder['isWaiting'])<b>{{ __(':hours h', ['hours' => $reminder['hours']]) }} {{ $reminder['words'] }}</b>@else{{ __(':hours h', ['hours' => $reminder['hours']]) }} {{ $reminder['words'] }}@endif</li>
                    @endforeach
                </ul>
            @endif
        </section>
    @endforeach
</x-event-frame>
