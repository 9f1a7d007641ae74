@props(['name', 'label', 'hint' => null, 'value' => '', 'stored' => null])
<div class="field">
    <label for="{{ $name }}">{{ $label }}</label>
    <input id="{{ $name }}" name="{{ $name }}" value="{{ $value }}"
        @error($name) aria-invalid="true" @enderror
        aria-describedby="{{ $name }}-hint {{ $name }}-fault"
        {{ $attributes->class(['form-control', 'is-invalid' => $errors->has($name)])->merge(['type' => 'text']) }}>
    <x-meanwhile :name="$name" :stored="$stored" />
    <x-fault :field="$name" />
    @if ($hint)
        <p class="hint" id="{{ $name }}-hint">{{ $hint }}</p>
    @endif
</div>
