<section class="day-settings">
    <details class="folded">
        <summary>{{ __('Clock') }}</summary>
        <p x-text="clockWords"></p>
        <p x-text="offsetWords"></p>
        <button type="button" class="btn btn-quiet" x-on:click="compareClock">{{ __('Compare with the server') }}</button>
        <form x-on:submit="typeTime">
            <label>{{ __('A time from another clock, with seconds (:zone)', ['zone' => $page->zone]) }} <input class="form-control" x-ref="typed" placeholder="10:45:30" autocomplete="off"></label>
            <label>{{ __('What that clock is') }} <select class="form-select" x-ref="worth">
                <option value="">{{ __('I do not know how good it is') }}</option>
                <option value="1">{{ __('GPS receiver or radio clock, right to 1 s') }}</option>
                <option value="5">{{ __('phone or computer on a network, right to 5 s') }}</option>
            </select></label>
            <p>{{ __('Type a time that comes soon. Press at the moment when the other clock shows it. Without seconds, or by a clock of which you know nothing, no filters come off.') }}</p>
            <button class="btn btn-quiet">{{ __('It shows this time now') }}</button>
            <button type="button" class="btn btn-quiet" x-cloak x-show="isApart" x-on:click="forgetTyped">{{ __('Go by the server again') }}</button>
        </form>
        <p x-text="typed" role="status"></p>
    </details>
    <details class="folded">
        <summary>{{ __('Calls and screen') }}</summary>
        <label>{{ __('Sounded on this device') }} <select class="form-select" x-on:change="hearWhat"><option value="all">{{ __('all calls') }}</option><option value="filters">{{ __('only those about filters') }}</option><option value="none">{{ __('none') }}</option></select></label>
        <button type="button" class="btn btn-quiet" x-on:click="tryVolume">{{ __('Try how loud it is') }}</button>
        <p x-text="volumeWords" role="status"></p>
        <label><input type="checkbox" class="form-check-input" x-on:change="sunlight" x-bind:checked="isSunlit"> {{ __('Black on white, for sunlight') }}</label>
        <button type="button" class="btn btn-quiet" x-on:click="fill">{{ __('Whole screen, for a hall') }}</button>
    </details>
    <details class="folded">
        <summary>{{ __('Rehearse') }}</summary>
        <form x-on:submit="begin" class="day-rehearse">
            <label>{{ __('From') }} <select class="form-select" name="from">@foreach ($page->starts as $start)<option value="{{ $start['ms'] }}">{{ $start['name'] }}</option>@endforeach</select></label>
            <label>{{ __('or at') }} <input class="form-control" name="at" placeholder="10:40:00" autocomplete="off"></label>
            <label>{{ __('How fast') }} <select class="form-select" name="speed">@foreach ([1, 2, 5, 10, 20, 60] as $speed)<option value="{{ $speed }}">{{ __(':speed times', ['speed' => $speed]) }}</option>@endforeach</select></label>
            @if ($leads)
                <label><input type="checkbox" class="form-check-input" name="all" value="1"> {{ __('for all screens') }}</label>
            @endif
            <button class="btn btn-primary">{{ __('Begin') }}</button>
            <p x-text="atFault" role="status"></p>
        </form>
        <p>{{ __('Its log is kept apart from that of the day.') }}</p>
    </details>
</section>
