<section class="day-panel" x-cloak x-show="asksWhy" aria-labelledby="day-why">
    <h2 id="day-why">{{ __('Stopped. Why?') }}</h2>
    <form x-on:submit="why">
        @foreach ([__('somebody looked without a filter'), __('a filter came off'), __('bad weather'), __('somebody is unwell')] as $reason)
            <button class="btn btn-quiet" value="{{ $reason }}">{{ $reason }}</button>
        @endforeach
        <label>{{ __('Something else') }} <input class="form-control" x-ref="why" maxlength="300"></label>
        <button class="btn btn-primary" value="">{{ __('Save') }}</button>
    </form>
</section>
<section class="day-panel" x-cloak x-show="isRestored" aria-labelledby="day-restored">
    <h2 id="day-restored">{{ __('While this page was closed nobody watched the clock of this device.') }}</h2>
    <p>{{ __('Without the network it is compared no more. If it was set meanwhile, type a time below.') }}</p>
    <button type="button" class="btn btn-quiet" x-on:click="wasNotSet">{{ __('Nobody set it') }}</button>
</section>
<section class="day-panel" x-cloak x-show="hasJumped" aria-labelledby="day-jump">
    <h2 id="day-jump" x-text="jumpWords"></h2>
    <p>{{ __('Without the network this page cannot tell why, and holds both for possible. What happened?') }}</p>
    <button type="button" class="btn btn-quiet" x-on:click="hasSlept">{{ __('It was asleep') }}</button>
    <button type="button" class="btn btn-quiet" x-on:click="wasSet">{{ __('Its clock was set') }}</button>
</section>
