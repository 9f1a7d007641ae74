@if ($page === null)
    <p class="lead-answer">{{ __('The Sun is down all the while: nobody queues.') }}</p>
@else
    <p class="lead-answer">{{ $page->headline }}</p>
    <p>{{ $page->waits }} {{ $page->best }}</p>
    <p><b>{{ $page->least }}</b></p>
    @include('audience.curve', ['curve' => $page->curve])
    <p class="note">{{ __('Played through once: first come, first served. The same number gives the same day again; try a few. Look times vary evenly about the mean.') }}</p>
@endif
