<section class="instrument">
    <h2><a href="{{ route('logbook.incidents.show', [$event, $row->incident]) }}">{{ $row->time }}</a> <span class="meaning">{{ __(':covered of the Sun covered', ['covered' => $row->covered]) }}</span></h2>
    <p>{{ $row->incident->what }} @if ($row->incident->lot !== null) <b>{{ $row->incident->lot->label }}@if ($row->incident->tag !== null), {{ __('pair :tag', ['tag' => $row->incident->tag]) }}@endif</b>@endif</p>
</section>
