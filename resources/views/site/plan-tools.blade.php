@php use App\Text\SiteWords; use KeenShadow\Core\Site\Plan\ThingKind; @endphp
<div class="plan-tools" role="toolbar" aria-label="{{ __('Draw') }}">
    @can('update', $event)
        <label class="visually-hidden" for="plan-kind">{{ __('What to draw') }}</label>
        <select class="form-select" id="plan-kind" data-part="kind">
            @foreach (SiteWords::choices() as $group => $kinds)
                <optgroup label="{{ $group }}">
                    @foreach ($kinds as $kind => $word)
                        <option value="{{ $kind }}" data-shape="{{ ThingKind::from($kind)->shape()->value }}" data-least="{{ ThingKind::from($kind)->leastPoints() }}" data-most="{{ ThingKind::from($kind)->mostPoints() }}" data-radius="{{ ThingKind::from($kind)->usualRadiusM() }}" @if (ThingKind::from($kind)->isOpening()) data-opening @endif @selected($kind === 'building')>{{ $word }}</option>
                    @endforeach
                </optgroup>
            @endforeach
        </select>
        <button type="button" class="btn btn-quiet" x-on:click="draw" x-bind:aria-pressed="drawing">{{ __('Draw') }}</button>
        <button type="button" class="btn btn-quiet" x-show="drawing" x-cloak x-on:click="finish">{{ __('Finish') }}</button>
        <button type="button" class="btn btn-quiet" x-show="drawing" x-cloak x-on:click="takeBack">{{ __('Remove the last corner') }}</button>
        <form method="post" action="{{ route('site.undo', $event) }}" x-on:submit.prevent="send">
            @csrf
            <input type="hidden" name="from" value="{{ $page->revision }}">
            <input type="hidden" name="spot" value="{{ $page->parts->spot }}">
            <button class="btn btn-quiet" data-undo @disabled(! $page->canUndo)>{{ __('Undo') }}</button>
            <button class="btn btn-quiet" formaction="{{ route('site.redo', $event) }}" data-redo @disabled(! $page->canRedo)>{{ __('Redo') }}</button>
        </form>
        <label class="plan-snap"><input class="form-check-input" type="checkbox" x-model="snaps"> {{ __('Snap') }}</label>
    @endcan
    <span class="plan-zoom">
        <button type="button" class="btn btn-quiet" x-on:click="zoomIn" aria-label="{{ __('Zoom in') }}">+</button>
        <button type="button" class="btn btn-quiet" x-on:click="zoomOut" aria-label="{{ __('Zoom out') }}">−</button>
        <button type="button" class="btn btn-quiet" x-on:click="whole">{{ __('All') }}</button>
    </span>
</div>
@if ($page->parts->isEmpty)
    <p class="note">{{ __('Nothing is drawn yet. Choose “Building” and press Draw, then tap its corners on the grid; put “Viewers” where people will stand. The middle of the grid is the event\'s place. Heights matter most: a wall\'s height is its shadow times the tangent of the Sun\'s altitude.') }}</p>
@endif
<p class="plan-hint" x-show="drawing" x-cloak>{{ __('Tap the corners in order; Finish, Enter or a tap on the first corner closes it. Keys: arrows move the cross, space sets a corner, Backspace takes it back, Escape gives up.') }}</p>
