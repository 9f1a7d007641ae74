@php use App\Text\EyewearWords; use App\Text\LotWords; use KeenShadow\Core\Eyewear\EyewearSubject; @endphp
<x-event-frame :frame="$frame" room="eyewear" :title="__('Tag :tag of :lot', ['tag' => $page->tag, 'lot' => $page->lot->label])">
    <div class="outdoors">
        <p class="lead-answer">{{ __('Tag :tag', ['tag' => $page->tag]) }}</p>
        <p><a href="{{ route('eyewear.show', [$frame->event, $page->lot]) }}">{{ $page->lot->label }}</a> · {{ LotWords::kind($page->lot->kind) }}</p>
        <x-faults />
        @include('eyewear.occasions', ['occasion' => $page->occasion])
        @if ($page->verdict === null)
            <p>{{ __('Nobody has looked it over yet.') }}</p>
        @else
            <x-verdict :verdict="$page->verdict" />
        @endif
        <x-permission :frame="$frame" :situation="$page->situation" />
        @can('check', $page->lot)
            <h2 id="check">{{ __('Inspect it') }}</h2>
            @include('eyewear.check-form', ['lot' => $page->lot, 'occasion' => $page->occasion, 'tag' => $page->tag, 'isOne' => true])
        @endcan
        <h2>{{ __('All that was entered') }}</h2>
        @if ($page->checks->isEmpty())
            <p class="note">{{ __('Nothing yet.') }}</p>
        @else
            @include('eyewear.checks', ['lot' => $page->lot, 'occasion' => $page->occasion, 'checks' => $page->checks, 'verdictOf' => $page->verdictOf(...), 'isSuperseded' => $page->isSuperseded(...)])
        @endif
    </div>
</x-event-frame>
