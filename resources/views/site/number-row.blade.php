@php use App\Text\SiteWords; @endphp
<tr data-row="{{ $i }}">
    <td data-label="{{ __('What') }}">
        <select class="form-select" name="things[{{ $i }}][kind]" aria-label="{{ __('What') }}">
            @foreach (SiteWords::choices() as $group => $kinds)
                <optgroup label="{{ $group }}">
                    @foreach ($kinds as $option => $word)
                        <option value="{{ $option }}" @selected($option === old("things.$i.kind", $kind))>{{ $word }}</option>
                    @endforeach
                </optgroup>
            @endforeach
        </select>
    </td>
    @foreach (['name' => __('Name'), 'points' => __('Points'), 'height_m' => __('Height, m'), 'radius_m' => __('Radius, m'), 'sill_m' => __('Lower edge, m')] as $field => $label)
        <td data-label="{{ $label }}">
            <input class="form-control is-{{ $field }}" id="things.{{ $i }}.{{ $field }}" name="things[{{ $i }}][{{ $field }}]" value="{{ old("things.$i.$field", $values[$field]) }}"
                aria-label="{{ $label }}" @error("things.$i.$field") aria-invalid="true" aria-describedby="things.{{ $i }}.{{ $field }}-fault" @enderror>
            <x-fault :field="'things.' . $i . '.' . $field" />
        </td>
    @endforeach
    <td data-label="{{ __('Remove') }}"><input class="form-check-input" type="checkbox" name="things[{{ $i }}][remove]" value="1" aria-label="{{ __('Remove :name', ['name' => $values['name']]) }}"></td>
</tr>
