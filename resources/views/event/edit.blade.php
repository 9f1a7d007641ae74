<x-layout :title="__('Change :title', ['title' => $event->title])">
    <main class="plain" id="work">
        <h1>{{ __('Change the event') }}</h1>
        <x-faults />
        <form method="post" action="{{ route('events.update', $event) }}" novalidate>
            @csrf
            @method('put')
            <x-made-from :record="$event" />
            @include('event.fields')
            <button class="btn btn-primary">{{ __('Save') }}</button>
            <a class="btn btn-quiet" href="{{ route('sky.show', $event) }}">{{ __('Cancel') }}</a>
        </form>
        <form method="post" action="{{ route('events.destroy', $event) }}">
            @csrf
            @method('delete')
            <button class="link-button">{{ __('Remove this event') }}</button>
        </form>
    </main>
</x-layout>
