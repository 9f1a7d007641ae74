<x-layout :title="$page->event->title">
    <main class="public is-sheet" id="work" x-data="labels">
        <h1>{{ $page->event->title }}</h1>
        <p>{{ $page->event->place_name }} · {{ $page->day }} · {{ __('times in :zone', ['zone' => $page->zone]) }}</p>
        <p class="lead-answer">{{ $page->answer->headline }}</p>
        <svg class="public-code" role="img" aria-label="{{ route('day.public', $page->event->public_key) }}" data-address="{{ route('day.public', $page->event->public_key) }}"></svg>
        <p><code class="address">{{ route('day.public', $page->event->public_key) }}</code></p>
        <p class="caution">{{ $page->cautions[0] }}</p>
        <button type="button" class="btn btn-quiet" x-data="printPage" x-on:click="print">{{ __('Print') }}</button>
    </main>
</x-layout>
