@if ($page === null)
    <p class="lead-answer">{{ __('The Sun is down all the while: nobody queues.') }}</p>
@else
    <p class="lead-answer">{{ $page->headline }}</p>
    <p>{{ $page->waits }} {{ $page->best }}</p>
    <p><b>{{ $page->least }}</b></p>
    <figure class="queue">
        <svg viewBox="0 0 100 100" preserveAspectRatio="none" role="img" aria-label="{{ __('How many wait, over the eclipse: at most :most', ['most' => $page->curve->most]) }}">
            <polygon class="queue-curve" points="{{ $page->curve->points }}"/>
            <path class="queue-maximum" d="M{{ $page->curve->maximumX }} 0V100" vector-effect="non-scaling-stroke"/>
        </svg>
        <svg class="queue-times" height="20" aria-hidden="true">
            @foreach ($page->curve->times as $tick)
                <text x="{{ $tick->at }}%" y="15" text-anchor="middle">{{ $tick->label }}</text>
            @endforeach
        </svg>
        <figcaption>{{ __('How many wait, at most :most; the stroke is the maximum.', ['most' => $page->curve->most]) }}</figcaption>
    </figure>
    <p class="note">{{ __('Played through once: first come, first served. The same number gives the same day again; try a few. Look times vary evenly about the mean.') }}</p>
@endif
