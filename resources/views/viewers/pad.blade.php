{{-- What a pattern draws: typed, drawn, or from a file. What is drawn takes the place of the word. --}}
<div class="field" x-data="pad">
    <span id="pad-label">{{ __('Or draw') }}</span>
    <input type="hidden" name="outline" value="{{ old('outline', $page->outline) }}" x-ref="outline">
    <svg class="pad" x-ref="pad" viewBox="0 0 270 170" tabindex="0" role="application" aria-labelledby="pad-label" aria-describedby="pad-hint"
        x-on:pointerdown.stop="down" x-on:pointermove.stop="draw" x-on:pointerup.stop="up" x-on:pointercancel.stop="up" x-on:keydown.stop="key">
        <rect width="100%" height="100%"/><g></g><path class="pad-pen" d="M-5 0 H5 M0 -5 V5" visibility="hidden"/>
    </svg>
    <p class="hint" id="pad-hint">{{ __('By hand, or with arrow keys: Enter sets a point, Escape begins a new stroke. What is drawn takes the place of the word.') }}</p>
    <p class="pad-buttons"><button type="button" class="btn btn-quiet" x-on:click="undo">{{ __('Take back') }}</button> <button type="button" class="btn btn-quiet" x-on:click="clear">{{ __('Clear') }}</button></p>
    <x-fault field="outline" />
    <label for="svg">{{ __('Or outlines from an SVG file') }}</label>
    <input class="form-control" type="file" id="svg" accept=".svg,image/svg+xml" data-url="{{ route('viewers.outline', $frame->event) }}" data-most="{{ App\Imports\Viewers\SvgOutline::KILOBYTES }}" data-large="{{ __('A drawing is at most :most kB.', ['most' => App\Imports\Viewers\SvgOutline::KILOBYTES]) }}" data-down="{{ __('The server did not answer: is the network down?') }}" x-on:change.stop="take" x-on:input.stop aria-describedby="svg-fault">
    <p class="fault" id="svg-fault" role="alert" x-ref="fault" hidden></p>
</div>
