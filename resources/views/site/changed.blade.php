{{-- The plan after a change, with what the frame around it says now; the script puts that in its place. --}}
@include('site.planned', ['event' => $frame->event])
<div data-part="frame" hidden>
    <x-ribbon :ribbon="$frame->ribbon" />
    @foreach ($frame->rooms as $status)
        @if ($status->room === 'site')
            <span class="to-do">{{ $status->toDo }}</span>
        @endif
    @endforeach
</div>
