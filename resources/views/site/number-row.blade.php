<tr data-row="{{ $i }}">
    <td data-label="{{ __('What') }}">
        <select class="form-select" data-field="kind" id="things.{{ $i }}.kind" aria-label="{{ __('What') }}">
            @foreach ($choices as $group => $kinds)
                <optgroup label="{{ $group }}">
                    @foreach ($kinds as $option => $word)
                        <option value="{{ $option }}" @selected($option === $kind)>{{ $word }}</option>
                    @endforeach
                </optgroup>
            @endforeach
        </select>
    </td>
    @foreach (['name' => __('Name'), 'points' => __('Points'), 'height_m' => __('Height, m'), 'radius_m' => __('Radius, m'), 'sill_m' => __('Lower edge, m')] as $field => $label)
        <td data-label="{{ $label }}">
            <input class="form-control is-{{ $field }}" data-field="{{ $field }}" id="things.{{ $i }}.{{ $field }}" value="{{ $values[$field] }}" aria-label="{{ $label }}">
        </td>
    @endforeach
    <td data-label="{{ __('Remove') }}"><input class="form-check-input" type="checkbox" data-field="remove" aria-label="{{ __('Remove :name', ['name' => $values['name']]) }}"></td>
</tr>
