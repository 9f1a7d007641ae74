<x-faults />
<div class="site-top">
    <div>
        @include('site.plan-tools')
        {!! $page->parts->plan !!}
        @include('site.chosen')
    </div>
    <div class="site-side" data-part="view" aria-live="polite">{!! $page->parts->view !!}</div>
</div>
{!! $page->parts->spots !!}
@can('update', $event)
    @include('site.sighting')
@endcan
@include('site.numbers')
