@props(['steps', 'view'])
{{-- From which revision a form was made, and on which page. --}}
<input type="hidden" name="from" value="{{ $steps->revision }}" autocomplete="off">
<input type="hidden" name="view" value="{{ $view }}">
