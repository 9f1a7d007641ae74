<section class="instrument">
    <h2><a href="{{ route('logbook.incidents.show', [$event, $page->incident]) }}">{{ $page->time }}</a> <span class="meaning">{{ __(':covered of the Sun covered', ['covered' => $page->covered]) }}</span></h2>
    <p>{{ $page->incident->what }} @if ($page->incident->lot !== null) <b>{{ $page->incident->lot->label }}@if ($page->incident->tag !== null), {{ __('pair :tag', ['tag' => $page->incident->tag]) }}@endif</b>@endif</p>
</section>
