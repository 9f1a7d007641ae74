<x-event-frame :frame="$frame" room="logbook" :title="__('Incidents')">
    <x-logbook-tabs :event="$frame->event" current="logbook.incidents" />
    <p class="lead-answer">{{ $pages->isEmpty() ? __('No incident is written down.') : trans_choice('{1} 1 incident is written down.|[2,*] :count incidents are written down.', $pages->count()) }}</p>
    @if ($pages->isEmpty())
        <p>{{ __('A filter that came off, a pair that let light through, somebody who looked without one: what happened, when, with which pair, and what was done. No names. It leads to all pairs of that lot, which can be held at once.') }}</p>
    @endif
    @can('update', $frame->event)
        <p><a class="btn btn-primary" href="{{ route('logbook.incidents.create', $frame->event) }}">{{ __('Write one down') }}</a></p>
    @endcan
    @foreach ($pages as $page)
        <section class="instrument">
            <h2><a href="{{ route('logbook.incidents.show', [$frame->event, $page->incident]) }}">{{ $page->time }}</a> <span class="meaning">{{ __(':covered of the Sun covered', ['covered' => $page->covered]) }}</span></h2>
            <p>{{ $page->incident->what }} @if ($page->incident->lot !== null) <b>{{ $page->incident->lot->label }}@if ($page->incident->tag !== null), {{ __('pair :tag', ['tag' => $page->incident->tag]) }}@endif</b>@endif</p>
        </section>
    @endforeach
</x-event-frame>
