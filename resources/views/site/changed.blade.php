{{-- The plan after a change, with what the frame around it says now; the script puts that in its place. --}}
@include('site.sheet', ['event' => $frame->event])
<div data-part="frame" hidden>
    <x-ribbon :ribbon="$frame->ribbon" />
    @foreach ($frame->stages as $stage)
        @if ($stage->room === 'site')
            <span class="to-do">{{ $stage->toDo }}</span>
        @endif
    @endforeach
</div>
