<x-event-frame :frame="$frame" room="runsheet" :title="__('Many places')">
    <x-sheet-tabs :event="$frame->event" current="runsheet.places" />
    <p class="lead-answer">{{ __('The same run sheet for every school of a list, each with its own times.') }}</p>
    <x-faults />
    <p>{{ __('Cues hang on the eclipse: at each place they stand at its own contacts, and filters come off only where the rule allows it there. Turns and duties are of this site and are left out.') }}</p>
    @if ($page->lists === [])
        <p>{{ __('There is no list of places yet: a CSV with name, lat, lon is enough.') }} <a href="{{ route('place-lists.index', $frame->event) }}">{{ __('To the lists of places') }}</a></p>
    @else
        @can('update', $frame->event)
            <form method="post" action="{{ route('runsheet.places.store', $frame->event) }}" novalidate>
                @csrf
                <input type="hidden" name="uuid" value="{{ old('uuid', $page->uuid) }}" autocomplete="off">
                <x-choose name="list" :label="__('List of places')" :options="$page->lists" :value="old('list', (string) array_key_first($page->lists))" />
                <x-choose name="wall" :label="__('Paper')" :options="['a4' => 'A4', 'a3' => 'A3', 'letter' => 'Letter']" :value="old('wall', 'a4')" />
                <button class="btn btn-primary">{{ __('Make the sheets') }}</button>
            </form>
        @endcan
    @endif
    <div x-data="watched" data-piece="{{ route('runsheet.places.progress', $frame->event) }}" data-done="{{ $page->isDone ? '1' : '' }}">
        <div x-ref="piece">@include('runsheet.bundles', ['event' => $frame->event])</div>
    </div>
</x-event-frame>
