<x-event-frame :frame="$frame" room="logbook" :title="__('Incident')">
    <x-logbook-tabs :event="$frame->event" current="logbook.incidents" />
    <x-faults />
    <p class="lead-answer">{{ $page->incident->what }}</p>
    @if ($isSuperseded)
        <p class="caution">{{ __('This was corrected or taken out later and is kept as it was.') }}</p>
    @endif
    <dl class="facts">
        <dt>{{ __('When') }}</dt><dd>{{ $page->time }} · {{ __(':covered of the Sun covered', ['covered' => $page->covered]) }}</dd>
        @foreach ([__('Where') => $page->incident->place, __('How somebody looked') => $page->method, __('Instrument') => $page->incident->instrument, __('What was done') => $page->incident->done, __('Seen by') => $page->incident->seen_by, __('Written down by') => $page->incident->maker->name] as $name => $words)
            @if ($words !== '')
                <dt>{{ $name }}</dt><dd>{{ $words }}</dd>
            @endif
        @endforeach
    </dl>
    @if (! $isSuperseded && Gate::allows('update', $frame->event))
        <p><a class="btn btn-quiet" href="{{ route('logbook.incidents.edit', [$frame->event, $page->incident]) }}">{{ __('Correct it') }}</a></p>
    @endif
    @if ($page->incident->viewer !== null)
        <h2>{{ __('What is on record of :viewer', ['viewer' => $page->incident->viewer->name]) }}</h2>
        @include('logbook.record', ['lines' => $page->tries, 'none' => __('Nobody tried it out.')])
    @endif
    @if ($page->incident->lot !== null)
        @if ($page->incident->tag !== null)
            <h2>{{ __('What is on record of pair :tag', ['tag' => $page->incident->tag]) }}</h2>
            @include('logbook.record', ['lines' => $page->record, 'none' => __('Nobody looked this pair over.')])
            <p><a href="{{ route('eyewear.pair', [$frame->event, $page->incident->lot, $page->incident->tag]) }}">{{ __('The pair') }}</a></p>
        @endif
        <h2 id="lot">{{ __('All pairs of the lot :lot', ['lot' => $page->incident->lot->label]) }}</h2>
        <dl class="facts">
            <dt>{{ __('The lot') }}</dt><dd>{{ $page->papers }}</dd>
            @foreach ($page->pairs as $found => $tags)
                <dt>{{ $found }}</dt><dd>{{ $tags }}</dd>
            @endforeach
        </dl>
        @if ($page->incident->lot->standingHolds->isNotEmpty())
            <p><b>{{ __('The lot is held.') }}</b> <a href="{{ route('eyewear.show', [$frame->event, $page->incident->lot]) }}">{{ __('The lot') }}</a></p>
        @else
            @can('update', $page->incident->lot)
                <form method="post" action="{{ route('eyewear.holds.store', [$frame->event, $page->incident->lot]) }}" novalidate>
                    @csrf
                    <x-made-from />
                    <input type="hidden" name="why" value="{{ Str::limit(__('Incident of :time: :what', ['time' => $page->time, 'what' => $page->incident->what]), 280, '…') }}">
                    <button class="btn btn-primary">{{ __('Hold all pairs of this lot') }}</button>
                </form>
            @endcan
        @endif
    @endif
</x-event-frame>
