<x-layout :title="__('Training')">
    <main class="own-duties" id="work">
        <h1>{{ __('Training of :name', ['name' => $page->name]) }}</h1>
        <p>{{ $event->title }} · <a href="{{ $door->back }}">{{ __('my duties') }}</a></p>
        @include('training.list')
    </main>
</x-layout>
