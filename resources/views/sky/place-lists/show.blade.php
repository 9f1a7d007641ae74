<x-event-frame :frame="$frame" room="sky" :title="$table->list->name">
    <p class="lead-answer">{{ $table->list->name }}</p>
    <x-faults />
    <p><a href="{{ route('place-lists.index', $frame->event) }}">{{ __('All lists') }}</a></p>
    <div x-data="watched" data-piece="{{ route('place-lists.table', [$frame->event, $table->list]) }}" data-done="{{ $table->progress->isDone() ? '1' : '' }}">
        <div x-ref="piece">@include('sky.place-lists.table', ['event' => $frame->event])</div>
    </div>
    @can('update', $frame->event)
        <form method="post" action="{{ route('place-lists.destroy', [$frame->event, $table->list]) }}">
            @csrf
            @method('delete')
            <button class="link-button">{{ __('Remove this list') }}</button>
        </form>
    @endcan
</x-event-frame>
