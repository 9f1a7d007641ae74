{{-- How many wait, against time. --}}
<figure class="queue">
    <svg viewBox="0 0 100 100" preserveAspectRatio="none" role="img" aria-label="{{ __('How many wait, over the eclipse: at most :most', ['most' => $curve->most]) }}">
        <polygon class="queue-curve" points="{{ $curve->points }}"/>
        <polyline class="queue-looked" points="{{ $curve->looked }}"/>
        <path class="queue-maximum" d="M{{ $curve->maximumX }} 0V100" vector-effect="non-scaling-stroke"/>
    </svg>
    <svg class="queue-times" height="20" aria-hidden="true">
        @foreach ($curve->times as $tick)
            <text x="{{ $tick->at }}%" y="15" text-anchor="middle">{{ $tick->label }}</text>
        @endforeach
    </svg>
    <figcaption>@isset($name)<b>{{ $name }}</b> @endisset{{ __('Filled: how many wait, at most :most. Line: how many have looked, of all. Dashed: the maximum.', ['most' => $curve->most]) }}</figcaption>
</figure>
