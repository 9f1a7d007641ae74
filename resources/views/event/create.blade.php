<x-layout :title="__('New event')">
    <main class="plain" id="work">
        <h1>{{ __('New event') }}</h1>
        <x-faults />
        <form method="post" action="{{ route('events.store') }}" novalidate>
            @csrf
            <x-made-from />
            @include('event.fields')
            <button class="btn btn-primary">{{ __('Create the event') }}</button>
        </form>
    </main>
</x-layout>
