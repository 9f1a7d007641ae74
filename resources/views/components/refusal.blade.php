@props(['headline'])
{{-- A page for what could not be done: what, why, and the way on. --}}
<x-layout :title="$headline">
    <main class="plain" id="work">
        <p class="lead-answer">{{ $headline }}</p>
        <p>{{ $slot }}</p>
        <p><a class="btn btn-primary" href="{{ route('events.index') }}">{{ __('To the events') }}</a></p>
    </main>
</x-layout>
