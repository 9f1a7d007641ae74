<x-event-frame :frame="$frame" room="runsheet" :title="__('Why turns are missing')">
    <x-sheet-tabs :event="$frame->event" current="runsheet.rotation" />
    <p class="lead-answer">{{ $short === [] ? __('Every group can have all its turns: propose them anew.') : trans_choice('{1} 1 group cannot have all its turns.|[2,*] :count groups cannot have all their turns.', count($short)) }}</p>
    @foreach ($short as $one)
        <h2>{{ $one->group }}</h2>
        <p>{{ $one->why }}</p>
        @if ($one->remedies === null)
            <p>{{ __('Mend the groups above first, and look again.') }}</p>
        @elseif ($one->remedies === [])
            <p>{{ __('No single change was found that would help.') }}</p>
        @else
            <p>{{ __('Any one of these is enough, the smallest trouble first:') }}</p>
            <ol>
                @foreach ($one->remedies as $remedy)
                    <li>{{ $remedy }}</li>
                @endforeach
            </ol>
        @endif
    @endforeach
    <p><a href="{{ route('runsheet.rotation', $frame->event) }}">{{ __('Back to groups and stations') }}</a></p>
</x-event-frame>
