@use('App\Text\TrainingWords')
<x-exercise :title="TrainingWords::duty($duty)" :event="$event" :door="$door" part="trainingCards" :data="['duty' => $duty->value] + $pack" x-on:keydown.window="press">
    <p class="exercise-count" x-text="countWords" data-level="{{ __('level :level of :of · :right of :all right', ['of' => $pack['rules']['hardest']]) }}" x-ref="count"></p>
    <section class="card-front" aria-live="polite">
        <p class="card-question">{{ __('Is this safe?') }}</p>
        <svg class="light-path" viewBox="0 0 320 56" x-ref="path" aria-hidden="true">
            <defs>
                <symbol id="path-sun" viewBox="0 0 56 56"><circle class="path-sun" cx="28" cy="28" r="18"/></symbol>
                <symbol id="path-corona" viewBox="0 0 56 56"><circle class="path-glow" cx="28" cy="28" r="24"/><circle class="path-moon" cx="28" cy="28" r="16"/></symbol>
                <symbol id="path-filter" viewBox="0 0 56 56"><rect class="path-dark" x="22" y="8" width="12" height="40"/></symbol>
                <symbol id="path-tube" viewBox="0 0 56 56"><path class="path-line" d="M2 16 h40 v24 h-40 z M42 22 h12 v12 h-12"/></symbol>
                <symbol id="path-camera" viewBox="0 0 56 56"><path class="path-line" d="M2 18 h14 v20 h-14 z M16 12 h36 v32 h-36 z"/></symbol>
                <symbol id="path-mirror" viewBox="0 0 56 56"><path class="path-line" d="M14 46 L42 10 M20 48 L46 14"/></symbol>
                <symbol id="path-hole" viewBox="0 0 56 56"><path class="path-line" d="M28 4 v21 M28 31 v21"/></symbol>
                <symbol id="path-screen" viewBox="0 0 56 56"><rect class="path-screen" x="20" y="4" width="14" height="48"/></symbol>
                <symbol id="path-display" viewBox="0 0 56 56"><rect class="path-screen" x="8" y="14" width="40" height="28"/></symbol>
                <symbol id="path-eye" viewBox="0 0 56 56"><path class="path-line" d="M4 28 Q28 6 52 28 Q28 50 4 28 z"/><circle class="path-dark" cx="28" cy="28" r="8"/></symbol>
            </defs>
            <line class="path-light" x1="20" x2="300" y1="28" y2="28"/>
            <g x-ref="symbols"></g>
        </svg>
        <h2 class="card-thing" x-text="thing"></h2>
        <ul class="card-facts"><template x-for="fact in facts" x-bind:key="fact"><li x-text="fact"></li></template></ul>
        <p x-show="isOver">{{ __('These are all for now. Come again another day: what you had wrong comes first.') }}</p>
    </section>
    <section class="card-back" aria-live="assertive" x-show="isAnswered" x-bind:data-right="rightWord">
        <p class="card-verdict"><b x-text="verdict" data-right="{{ __('Right.') }}" data-wrong="{{ __('No: the book says') }}" x-ref="verdict"></b> <span x-text="word"></span></p>
        <p x-text="reason"></p>
        <ul><template x-for="condition in conditions" x-bind:key="condition"><li x-text="condition"></li></template></ul>
        <p><b x-text="act"></b></p>
    </section>
    <div class="exercise-acts" x-show="isAsking">
        <button type="button" class="btn btn-answer" data-said="yes" x-on:click="choose">{{ __('Yes') }} <kbd>1</kbd></button>
        <button type="button" class="btn btn-answer" data-said="if" x-on:click="choose">{{ __('Yes, if') }} <kbd>2</kbd></button>
        <button type="button" class="btn btn-answer" data-said="no" x-on:click="choose">{{ __('No') }} <kbd>3</kbd></button>
    </div>
    <div class="exercise-acts" x-show="isAnswered"><button type="button" class="btn btn-primary" x-on:click="onward" x-ref="onward">{{ __('Next card') }} <kbd>↵</kbd></button></div>
</x-exercise>
