<x-exercise :title="__('The last minutes')" :event="$event" :door="$door" part="trainingDrill" :data="$pack->forScript()" x-on:keydown.window="press">
    <p class="caution">{{ $pack->times }}</p>
    <div class="drill-face">
        <svg class="drill-disc" viewBox="-1.6 -1.6 3.2 3.2" role="img" aria-label="{{ __('The Sun at this moment') }}">
            <rect class="drill-sky" x="-1.6" y="-1.6" width="3.2" height="3.2" x-ref="sky"/>
            <circle class="path-glow" r="1.5" x-ref="corona" visibility="hidden"/>
            <circle class="path-sun" r="1"/>
            <circle class="yard-moon" r="1" x-ref="moon"/>
        </svg>
        <div>
            <p class="drill-clock" x-text="clock" id="drill-clock"></p>
            <p class="drill-state" x-text="state" data-on="{{ __('filters on') }}" data-off="{{ __('filters off') }}" x-ref="state"></p>
        </div>
    </div>
    <section class="card-back" aria-live="assertive" x-show="isOver"><template x-for="line in told" x-bind:key="line"><p x-text="line"></p></template></section>
    <div class="exercise-acts" x-show="isBefore">
        <label>{{ __('How fast') }} <select class="form-select" x-ref="speed">@foreach ([1, 2, 5, 10] as $speed)<option value="{{ $speed }}" @selected($speed === 2)>{{ __(':n times', ['n' => $speed]) }}</option>@endforeach</select></label>
        <button type="button" class="btn btn-primary" x-on:click="begin">{{ __('Begin') }}</button>
    </div>
    <div class="exercise-acts" x-show="isRunning">
        <button type="button" class="btn btn-answer drill-call" x-on:pointerdown="callOff" x-bind:disabled="isOffCalled">{{ __('Filters may come off!') }} <kbd>1</kbd></button>
        <button type="button" class="btn btn-answer drill-call" x-on:pointerdown="callOn" x-bind:disabled="isOnCalled">{{ __('Filters on!') }} <kbd>2</kbd></button>
    </div>
    <div class="exercise-acts" x-show="isOver"><button type="button" class="btn btn-primary" x-on:click="again">{{ __('Once more') }}</button></div>
</x-exercise>
