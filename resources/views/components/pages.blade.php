@props(['pages'])
@if ($pages->hasPages())
    <nav class="pages" aria-label="{{ __('Pages') }}">
        @if ($pages->previousPageUrl())<a href="{{ $pages->previousPageUrl() }}">{{ __('Earlier') }}</a>@endif
        {{ __('page :n of :all', ['n' => $pages->currentPage(), 'all' => $pages->lastPage()]) }}
        @if ($pages->nextPageUrl())<a href="{{ $pages->nextPageUrl() }}">{{ __('Later') }}</a>@endif
    </nav>
@endif
