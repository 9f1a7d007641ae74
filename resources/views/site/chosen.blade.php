@can('update', $event)
    <div class="plan-chosen" x-show="chosen !== null" x-cloak x-on:input="touched = true">
        <b x-text="chosenName"></b>
        <label x-show="has('height_m')"><span x-text="heightWord"></span> <input class="form-control" inputmode="decimal" data-part="height_m" data-field="height_m" x-on:change="retype"></label>
        <label x-show="has('radius_m')">{{ __('Radius, m') }} <input class="form-control" inputmode="decimal" data-part="radius_m" data-field="radius_m" x-on:change="retype"></label>
        <label x-show="has('sill_m')">{{ __('Lower edge, m') }} <input class="form-control" inputmode="decimal" data-part="sill_m" data-field="sill_m" x-on:change="retype"></label>
        <label>{{ __('Name') }} <input class="form-control" data-part="name" data-field="name" maxlength="60" x-on:change="retype"></label>
        <button type="button" class="btn btn-quiet" x-on:click="turn" x-show="canTurn">{{ __('Turn 15°') }}</button>
        <button type="button" class="btn btn-quiet" x-on:click="swapSides" x-show="isOpening">{{ __('Face the other way') }}</button>
        <button type="button" class="btn btn-quiet" x-on:click="remove">{{ __('Remove') }}</button>
        <p class="hint" x-show="canTurn">{{ __('Drag it, or a corner; a small dot between two corners becomes a new one. Keys on a corner: arrows, Insert, Delete.') }}</p>
    </div>
@endcan
