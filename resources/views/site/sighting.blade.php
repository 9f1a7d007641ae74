<details class="folded" id="sighting" data-part="sighting" @if ($errors->hasAny(['seen_name', 'bearing_deg', 'distance_m', 'width_m', 'top_m', 'top_deg'])) open @endif>
    <summary>{{ __('Add what stands in a direction, as measured from “:spot”', ['spot' => $page->parts->spot]) }}</summary>
    <form method="post" action="{{ route('site.sighting', $event) }}" class="asked" novalidate>
        @csrf
        <input type="hidden" name="spot" value="{{ $page->parts->spot }}">
        <div class="field">
            <label for="seen_kind">{{ __('What') }}</label>
            <select class="form-select" id="seen_kind" name="seen_kind">
                <option value="wall">{{ __('Wall, roof or house front') }}</option>
                <option value="tree" @selected(old('seen_kind') === 'tree')>{{ __('Tree') }}</option>
            </select>
        </div>
        <x-field name="seen_name" :label="__('Name')" :value="old('seen_name')" maxlength="60" />
        <x-field name="bearing_deg" :label="__('True bearing, °')" :value="old('bearing_deg')" inputmode="decimal" />
        <x-field name="distance_m" :label="__('Distance, m')" :value="old('distance_m')" inputmode="decimal" />
        <x-field name="width_m" :label="__('Width, m')" :value="old('width_m')" inputmode="decimal" />
        <x-field name="top_m" :label="__('Height, m')" :value="old('top_m')" inputmode="decimal" />
        <x-field name="top_deg" :label="__('or angle to its top, °')" :value="old('top_deg')" inputmode="decimal" />
        <button class="btn btn-quiet">{{ __('Add') }}</button>
    </form>
    <p class="note">{{ __('Bearings are true: a compass needle is off by the local declination. The angle is from the eyes at the spot up to the top; a fist at arm’s length is about 10° (common practice, no source).') }}</p>
</details>
