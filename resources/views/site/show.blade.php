<x-event-frame :frame="$frame" room="site" :title="__('Site')">
    <x-site-tabs :event="$frame->event" current="site.show" />
    <div x-data="sitePlan" data-look="{{ route('site.look', $frame->event) }}" data-shade="{{ route('site.shade', $frame->event) }}"
        data-refused="{{ __('Nothing was changed:') }}" data-unreachable="{{ __('The server cannot be reached; the change is not kept. Try again.') }}"
        data-new="{{ __('New') }}">
        <div x-ref="sheet">@include('site.sheet', ['event' => $frame->event])</div>
        <p class="fault" role="alert" x-ref="refused" hidden></p>
    </div>
</x-event-frame>
