<x-exercise :title="__($order->title)" :event="$event" :door="$door" part="trainingSteps" :data="$pack">
    <p>{{ __('Bring the steps into an order: by the arrows, or with the arrow keys on a step. Where two do not depend on each other either may come first.') }}</p>
    <ol class="steps-list" x-ref="list">
        <template x-for="(step, index) in steps" x-bind:key="step.id">
            <li x-bind:class="stepClass(step)">
                <span class="steps-words" x-text="step.words" tabindex="0" x-bind:data-step="step.id" x-on:keydown="nudge"></span>
                <button type="button" class="btn btn-quiet" x-bind:data-step="step.id" data-way="-1" x-on:click="move" x-bind:aria-label="upWords(step)" data-words="{{ __('Up: :step') }}">↑</button>
                <button type="button" class="btn btn-quiet" x-bind:data-step="step.id" data-way="1" x-on:click="move" x-bind:aria-label="downWords(step)" data-words="{{ __('Down: :step') }}">↓</button>
            </li>
        </template>
    </ol>
    <section class="card-back" aria-live="assertive" x-show="isChecked" x-bind:data-right="rightWord">
        <p class="card-verdict"><b x-text="verdict" data-right="{{ __('In order.') }}" data-wrong="{{ __('Something breaks:') }}" x-ref="verdict"></b></p>
        <ul><template x-for="each in broken" x-bind:key="each.key"><li><b x-text="each.words" data-words="{{ __('“:first” comes before “:then”.') }}"></b> <span x-text="each.statement"></span></li></template></ul>
    </section>
    <div class="exercise-acts"><button type="button" class="btn btn-primary" x-on:click="check" data-before="{{ __('“:first” comes before “:then”.') }}" data-up="{{ __('Up: :step') }}" data-down="{{ __('Down: :step') }}" x-ref="check">{{ __('Check the order') }}</button></div>
</x-exercise>
