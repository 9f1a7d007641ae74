@props(['name', 'label', 'options', 'value' => null, 'stored' => null, 'hint' => null])
<fieldset class="field" id="{{ $name }}" tabindex="-1">
    <legend>{{ $label }}</legend>
    <div class="answers">
        @foreach ($options as $option => $text)
            <label>
                <input class="form-check-input" type="radio" name="{{ $name }}" value="{{ $option }}" @checked($value === $option)>
                {{ $text }}
            </label>
        @endforeach
    </div>
    <x-meanwhile :name="$name" :stored="$stored" :words="$options[$stored] ?? null" />
    <x-fault :field="$name" />
    @if ($hint)
        <p class="hint">{{ $hint }}</p>
    @endif
</fieldset>
