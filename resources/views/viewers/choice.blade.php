<div class="field">
    <label for="{{ $choice->name }}">{{ $choice->label }}</label>
    <select class="form-select" id="{{ $choice->name }}" name="{{ $choice->name }}">
        @foreach ($choice->options as $value => $words)
            <option value="{{ $value }}" @selected((string) $value === (string) old($choice->name, $choice->value))>{{ $words }}</option>
        @endforeach
    </select>
    <x-meanwhile :name="$choice->name" :stored="$page->stored[$choice->name] ?? null" :words="$choice->options[(string) ($page->stored[$choice->name] ?? '')] ?? null" />
    <x-fault :field="$choice->name" />
</div>
