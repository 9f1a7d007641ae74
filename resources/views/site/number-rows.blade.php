@php $choices = App\Text\SiteWords::choices(); @endphp
@foreach ($rows as $i => $row)
    <tr data-row="{{ $i }}">
        <td data-label="{{ __('What') }}">
            <select class="form-select" data-field="kind" id="things.{{ $i }}.kind" aria-label="{{ __('What') }}">
                @foreach ($choices as $group => $kinds)
                    <optgroup label="{{ $group }}">
                        @foreach ($kinds as $option => $word)
                            <option value="{{ $option }}" @selected($option === $row->kind->value)>{{ $word }}</option>
                        @endforeach
                    </optgroup>
                @endforeach
            </select>
        </td>
        @foreach (['name' => [__('Name'), $row->name], 'points' => [__('Points'), $row->points], 'height_m' => [__('Height, m'), $row->heightM], 'radius_m' => [__('Radius, m'), $row->radiusM], 'sill_m' => [__('Lower edge, m'), $row->sillM]] as $field => [$label, $value])
            <td data-label="{{ $label }}">
                <input class="form-control is-{{ $field }}" data-field="{{ $field }}" id="things.{{ $i }}.{{ $field }}" value="{{ $value }}" aria-label="{{ $label }}">
            </td>
        @endforeach
        <td data-label="{{ __('Remove') }}"><input class="form-check-input" type="checkbox" data-field="remove" aria-label="{{ __('Remove :name', ['name' => $row->name]) }}"></td>
    </tr>
@endforeach
