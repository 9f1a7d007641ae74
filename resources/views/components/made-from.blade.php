@props(['record' => null])
{{-- What the form was made from: a new record's number, or the version of one that is there. Never what was sent before, and never kept by the browser. --}}
@if ($record?->exists)
    <input type="hidden" name="version" value="{{ $record->version }}" autocomplete="off">
@else
    <input type="hidden" name="uuid" value="{{ Str::uuid7() }}" autocomplete="off">
@endif
