<x-event-frame :frame="$frame" room="day" :title="__('Page for everybody')">
    <p class="lead-answer">{{ $frame->event->public_key === null ? __('No page for everybody yet.') : __('The page is open to everybody.') }}</p>
    <p>{{ __('Without signing in: the times for this place, what to bring, the cautions and the ribbon. Nothing of people, run sheet or glasses is on it.') }}</p>
    @if ($frame->event->public_key !== null)
        <p><a href="{{ route('day.public', $frame->event->public_key) }}"><code class="address">{{ route('day.public', $frame->event->public_key) }}</code></a></p>
        <p><a class="btn btn-primary" href="{{ route('day.for-all.sheet', $frame->event) }}">{{ __('A sheet with the way to it, to be printed') }}</a></p>
    @endif
    @can('update', $frame->event)
        @if ($frame->event->public_key === null)
            <form method="post" action="{{ route('day.for-all.open', $frame->event) }}">@csrf<button class="btn btn-primary">{{ __('Open it') }}</button></form>
        @else
            <form method="post" action="{{ route('day.for-all.close', $frame->event) }}">@csrf @method('delete')<button class="btn btn-quiet">{{ __('Close it') }}</button></form>
        @endif
    @endcan
    <p><a href="{{ route('day.show', $frame->event) }}">{{ __('The day') }}</a></p>
</x-event-frame>
