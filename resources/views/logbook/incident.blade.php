<x-event-frame :frame="$frame" room="logbook" :title="__('Incident')">
    <x-logbook-tabs :event="$frame->event" current="logbook.incidents" />
    <x-faults />
    <p class="lead-answer">{{ $page->row->incident->what }}</p>
    @if ($isSuperseded)
        <p class="caution">{{ __('This was corrected or taken out later and is kept as it was.') }}</p>
    @endif
    <dl class="facts">
        <dt>{{ __('When') }}</dt><dd>{{ $page->row->time }} · {{ __(':covered of the Sun covered', ['covered' => $page->row->covered]) }}</dd>
        @foreach ([__('Where') => $page->row->incident->place, __('How somebody looked') => $page->method, __('Instrument') => $page->row->incident->instrument, __('What was done') => $page->row->incident->done, __('Seen by') => $page->row->incident->seen_by, __('Written down by') => $page->row->incident->maker->name] as $name => $words)
            @if ($words !== '')
                <dt>{{ $name }}</dt><dd>{{ $words }}</dd>
            @endif
        @endforeach
    </dl>
    @if (! $isSuperseded && Gate::allows('update', $frame->event))
        <p><a class="btn btn-quiet" href="{{ route('logbook.incidents.edit', [$frame->event, $page->row->incident]) }}">{{ __('Correct it') }}</a></p>
    @endif
    @if ($page->row->incident->viewer !== null)
        <h2>{{ __('What is on record of :viewer', ['viewer' => $page->row->incident->viewer->name]) }}</h2>
        @include('logbook.record', ['lines' => $page->tries, 'none' => __('Nobody tried it out.')])
    @endif
    @if ($page->row->incident->lot !== null)
        @if ($page->row->incident->tag !== null)
            <h2>{{ __('What is on record of pair :tag', ['tag' => $page->row->incident->tag]) }}</h2>
            @include('logbook.record', ['lines' => $page->record, 'none' => __('Nobody looked this pair over.')])
            <p><a href="{{ route('eyewear.pair', [$frame->event, $page->row->incident->lot, $page->row->incident->tag]) }}">{{ __('The pair') }}</a></p>
        @endif
        <h2 id="lot">{{ __('All pairs of the lot :lot', ['lot' => $page->row->incident->lot->label]) }}</h2>
        <dl class="facts">
            <dt>{{ __('The lot') }}</dt><dd>{{ $page->papers }}</dd>
            @foreach ($page->pairs as $found => $tags)
                <dt>{{ $found }}</dt><dd>{{ $tags }}</dd>
            @endforeach
        </dl>
        @if ($page->row->incident->lot->standingHolds->isNotEmpty())
            <p><b>{{ __('The lot is held.') }}</b> <a href="{{ route('eyewear.show', [$frame->event, $page->row->incident->lot]) }}">{{ __('The lot') }}</a></p>
        @else
            @can('update', $page->row->incident->lot)
                <form method="post" action="{{ route('eyewear.holds.store', [$frame->event, $page->row->incident->lot]) }}" novalidate>
                    @csrf
                    <x-made-from />
                    <input type="hidden" name="why" value="{{ Str::limit(__('Incident of :time: :what', ['time' => $page->row->time, 'what' => $page->row->incident->what]), 280, '…') }}">
                    <button class="btn btn-primary">{{ __('Hold all pairs of this lot') }}</button>
                </form>
            @endcan
        @endif
    @endif
</x-event-frame>
