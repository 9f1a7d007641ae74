<x-event-frame :frame="$frame" room="site" :title="__('Site')">
    <x-site-tabs :event="$frame->event" current="site.show" />
    <div x-data="sitePlan" data-spot-view="{{ route('site.spot-view', $frame->event) }}" data-shade="{{ route('site.shade', $frame->event) }}"
        data-refused="{{ __('Nothing was changed:') }}" data-unreachable="{{ __('The server cannot be reached; the change is not saved. Try again.') }}"
        data-new="{{ __('New') }}">
        <div x-ref="piece">@include('site.planned', ['event' => $frame->event])</div>
        <p class="fault" role="alert" x-ref="refused" hidden></p>
        <div class="plan-conflict" role="alert" x-ref="conflict" x-on:click="settle" hidden></div>
        <noscript><p class="note">{{ __('The plan is drawn and changed with JavaScript. Without it, import a file under “Position and files”.') }}</p></noscript>
    </div>
</x-event-frame>
