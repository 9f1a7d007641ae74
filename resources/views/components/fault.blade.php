@props(['field'])
@error($field)
    <p class="fault" id="{{ $field }}-fault">{{ $message }}</p>
@enderror
