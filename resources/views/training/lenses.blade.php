@use('KeenShadow\Core\Training\Lenses\DrawnPair')
<x-exercise :title="__('Looking pairs over')" :event="$event" :door="$door" part="trainingLenses" :data="['seed' => $pack->seed, 'count' => count($pack->pairs), 'choices' => $pack->choices]" x-on:keydown.window="press">
    <p class="exercise-count" x-text="countWords" x-ref="count" data-words="{{ __('pair :n of :of · :s s each') }}"></p>
    <div class="lens-lamp" x-show="isAsking" aria-live="off">
        @foreach ($pack->pairs as $i => $pair)
            <svg class="lens-pair" data-pair="{{ $i }}" width="130mm" height="56mm" viewBox="-65 -28 130 56" hidden role="img" aria-label="{{ __('A pair held against a lamp') }}">
                <path @class(['lens-frame', 'is-torn' => $pair->isTorn]) d="M-62 -22 h52 q10 14 20 0 h52 v38 q-6 6 -12 6 h-34 q-10 -12 -32 0 h-34 q-6 0 -12 -6 z"/>
                @if ($pair->isTorn)<path class="lens-tear" d="M{{ $pair->lensX }} -22 l3 5 l-5 3 l4 5"/>@endif
                @foreach ([-1, 1] as $side)
                    <rect @class(['lens-glass', 'is-bright' => $pair->isBright]) x="{{ $side === 1 ? 13 : -53 }}" y="-15" width="{{ DrawnPair::LENS_WIDTH_MM }}" height="{{ DrawnPair::LENS_HEIGHT_MM }}"/>
                @endforeach
                <path class="lens-bar" d="M-10 24 v3 M-10 25.5 h20 M10 24 v3"/>
                @foreach ($pair->marks as $mark)<path class="{{ $mark['class'] }}" d="{{ $mark['d'] }}"/>@endforeach
            </svg>
        @endforeach
    </div>
    <p class="scale-bar" x-show="isAsking">{{ __('The bar below the glasses is 20 mm long; where the screen has room for it, all is in true size.') }}</p>
    <section class="card-back" aria-live="assertive" x-show="isOver"><template x-for="line in told" x-bind:key="line"><p x-text="line"></p></template></section>
    <div class="exercise-acts" x-show="isAsking">
        <button type="button" class="btn btn-answer" data-fault="" x-on:click="found">{{ __('Nothing found') }} <kbd>{{ __('space') }}</kbd></button>
        @foreach ($pack->choices as $choice)
            <button type="button" class="btn btn-answer" data-fault="{{ $choice['fault'] }}" x-on:click="found">{{ $choice['words'] }} <kbd>{{ $choice['key'] }}</kbd></button>
        @endforeach
    </div>
    <div class="exercise-acts" x-show="isOver"><a class="btn btn-primary" href="">{{ __('Another tray') }}</a></div>
</x-exercise>
