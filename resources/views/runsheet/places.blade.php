<x-event-frame :frame="$frame" room="runsheet" :title="__('Many places')">
    <x-sheet-tabs :event="$frame->event" current="runsheet.places" />
    <p class="lead-answer">{{ __('The same run sheet for every school of a list, each with its own times.') }}</p>
    <x-faults />
    <p>{{ __('Cues hang on the eclipse: at each place they stand at its own contacts, and filters come off only where the rule allows it there. Turns and duties are of this site and are left out.') }}</p>
    @include('event.bundle-form', ['event' => $frame->event, 'make' => __('Make the sheets')])
</x-event-frame>
