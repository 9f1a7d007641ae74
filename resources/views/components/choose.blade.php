@props(['name', 'label', 'options', 'value' => ''])
<div class="field">
    <label for="{{ $name }}">{{ $label }}</label>
    <select id="{{ $name }}" name="{{ $name }}" aria-describedby="{{ $name }}-fault" @error($name) aria-invalid="true" @enderror {{ $attributes->class(['form-select', 'is-invalid' => $errors->has($name)]) }}>
        <option value="">{{ __('choose') }}</option>
        @foreach ($options as $id => $words)
            <option value="{{ $id }}" @selected($value === (string) $id)>{{ $words }}</option>
        @endforeach
    </select>
    <x-fault :field="$name" />
</div>
