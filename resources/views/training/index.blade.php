<x-event-frame :frame="$frame" room="training" :title="__('Training')">
    <x-training-tabs :event="$frame->event" current="training.index" />
    @include('training.list')
    <p class="note">{{ __('What is done here is written down for :name. Helpers without an account find the same at their private address, below their duties.', ['name' => $page->name]) }}</p>
</x-event-frame>
