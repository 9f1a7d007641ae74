@props(['action', 'answer', 'button' => __('Update')])
{{-- A few numbers whose answer, the element of that id, follows at once; without a script it is an ordinary form. --}}
<x-faults :saves="false" />
<form {{ $attributes->class('asked') }} method="get" action="{{ $action }}" x-data="liveForm" x-on:input="later" x-on:change="later" x-on:submit.prevent="answer"
    data-answer="{{ $answer }}" data-words="{{ __('The server did not answer: is the network down? What is shown below is for the previous numbers.') }}"
    data-stands="{{ __('What is shown below is for the previous numbers.') }}">
    {{ $slot }}
    <button class="btn btn-quiet">{{ $button }}</button>
    <p class="fault" role="alert" data-refused hidden></p>
</form>
