{{-- The yard from above; who is where follows the clock. --}}
<figure class="yard" x-data="yard">
    <svg viewBox="{{ $picture->box->left }} {{ $picture->box->top }} {{ $picture->box->width }} {{ $picture->box->height }}" role="img" aria-labelledby="yard-words" font-size="{{ $picture->letterM() }}"
        data-moves="{{ $picture->moves }}" data-dot="{{ $picture->letterM() }}" x-ref="yard">
        <rect class="plan-paper" x="{{ $picture->box->left }}" y="{{ $picture->box->top }}" width="{{ $picture->box->width }}" height="{{ $picture->box->height }}"/>
        @foreach ($picture->things as $thing)
            <g class="plan-thing plan-{{ $thing['kind'] }} is-{{ $thing['shape'] }}">
                @switch($thing['shape'])
                    @case('area')<polygon points="{{ $thing['points'] }}" vector-effect="non-scaling-stroke"/>@break
                    @case('line')<polyline points="{{ $thing['points'] }}" vector-effect="non-scaling-stroke"/>@break
                    @case('round')<circle cx="{{ $thing['at']->x }}" cy="{{ $thing['at']->y }}" r="{{ $thing['radiusM'] }}" vector-effect="non-scaling-stroke"/>@break
                @endswitch
            </g>
        @endforeach
        @foreach ($picture->stations as $station)
            <g @class(['yard-station', 'is-unplaced' => ! $station['isPlaced']]) transform="translate({{ $station['at']->x }} {{ $station['at']->y }})">
                <title>{{ $station['name'] }}</title>
                <circle class="yard-disc" r="0.9em" vector-effect="non-scaling-stroke"/>
                <text dy="0.35em" text-anchor="middle" class="yard-number">{{ $loop->iteration }}</text>
            </g>
        @endforeach
        <g x-ref="dots"></g>
    </svg>
    <div class="yard-time">
        <button type="button" class="btn btn-quiet" x-on:click="toggle" x-text="word" data-play="{{ __('Play') }}" data-stop="{{ __('Stop') }}">{{ __('Play') }}</button>
        <label for="yard-second" class="visually-hidden">{{ __('Local time') }}</label>
        <input type="range" id="yard-second" min="0" max="{{ $picture->endS }}" value="{{ $picture->bestS }}" step="10" data-begin="{{ $picture->beginS }}" x-ref="second" x-on:input="draw">
        <output for="yard-second" id="yard-words" x-ref="words" data-words="{{ __(':wait wait, :look look, :walk walk, :done are done') }}"></output>
    </div>
    <figcaption>@foreach ($picture->stations as $station)<b>{{ $loop->iteration }}</b> {{ $station['name'] }}{{ $station['isPlaced'] ? '' : ' (' . __('not on the plan') . ')' }}@if (! $loop->last), @else. @endif @endforeach{{ $picture->peoplePerDot === 1 ? __('A dot is one person.') : __('A dot is about :n people.', ['n' => $picture->peoplePerDot]) }} {{ __('Dark: looking; ring: waiting or on the way. Above a station its places, below it the queue. Played at 60 times the speed.') }}</figcaption>
</figure>
