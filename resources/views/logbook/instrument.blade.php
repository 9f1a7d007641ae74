<x-event-frame :frame="$frame" room="logbook" :title="$log->name">
    <x-logbook-tabs :event="$frame->event" current="logbook.instruments" />
    <p class="lead-answer">{{ __('Read “:name” anew', ['name' => $log->name]) }}</p>
    <p class="note">{{ __('The file stays as it came; only how it is read changes, and the reading before is kept.') }}</p>
    <x-faults />
    <form method="post" action="{{ route('logbook.instruments.update', [$frame->event, $log]) }}" novalidate>
        @csrf
        @method('put')
        <x-made-from />
        @include('logbook.reading', ['log' => $log, 'event' => $frame->event])
        <button class="btn btn-primary">{{ __('Save') }}</button>
        <a class="btn btn-quiet" href="{{ route('logbook.instruments', $frame->event) }}">{{ __('Back') }}</a>
    </form>
</x-event-frame>
