@props(['name', 'stored', 'words' => null])
{{-- After a conflict, beside what was typed: what somebody else has saved there. --}}
@if ($errors->has('version') && $stored !== null && App\Text\TypedNumber::normalise((string) old($name)) !== (string) $stored)
    <p class="meanwhile">{{ __('Saved:') }} <b>{{ ($words ?? $stored) === '' ? __('nothing') : $words ?? $stored }}</b></p>
@endif
