<section class="day-panel" x-cloak x-show="isWriting" aria-labelledby="day-write">
    <h2 id="day-write">{{ __('Write it down') }}</h2>
    <form x-on:submit="note">
        <label>{{ __('What') }}
            <select class="form-select" name="observed" x-ref="observed" x-on:change="chooseObserved">
                <option value="">{{ __('a remark') }}</option>
                @foreach ($logged as $kind)
                    @if ($kind->id !== 'remark')
                        <option value="{{ $kind->id }}">{{ $kind->name }}</option>
                    @endif
                @endforeach
            </select>
        </label>
        <label x-cloak x-show="unit"><span x-text="unit"></span> <input class="form-control" name="value" inputmode="decimal" autocomplete="off" x-ref="value"></label>
        <label>{{ __('What happened, in words') }} <input class="form-control" name="text" x-ref="line" maxlength="300"></label>
        <p class="fault" role="status" x-cloak x-show="lineFault" x-text="lineFault"></p>
        <p>
            <button class="btn btn-primary" value="note">{{ __('Log') }}</button>
            @if ($leads)
                <button class="btn btn-quiet" value="message">{{ __('Tell all') }}</button>
            @endif
            <button class="btn btn-quiet" value="no_show">{{ __('Somebody does not come') }}</button>
            <button class="btn btn-quiet" value="filter_off">{{ __('A filter came off') }}</button>
        </p>
    </form>
    <ol class="day-lines" reversed>
        <template x-for="line in lately" x-bind:key="line.uuid"><li><b x-text="line.time"></b> <span x-text="line.words"></span></li></template>
    </ol>
</section>
