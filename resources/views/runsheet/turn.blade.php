<x-event-frame :frame="$frame" room="runsheet" :title="$form->title">
    <p class="lead-answer">{{ $form->title }}</p>
    <x-faults />
    <form method="post" action="{{ route('runsheet.turns.save', $frame->event) }}" novalidate>
        @csrf
        <input type="hidden" name="from" value="{{ $form->revision }}" autocomplete="off">
        <input type="hidden" name="was" value="{{ $form->was }}" autocomplete="off">
        <x-choose name="group" :label="__('Group')" :options="$form->groups" :value="old('group', $form->values['group'])" />
        <x-choose name="station" :label="__('Station')" :options="$form->stations" :value="old('station', $form->values['station'])" />
        <x-field name="start" :label="__('Begins at')" :value="old('start', $form->values['start'])" maxlength="5" placeholder="10:30" />
        <x-field name="minutes" type="number" min="1" :label="__('Lasts, min')" :value="old('minutes', $form->values['minutes'])" :hint="__('Left blank: as turns there do.')" />
        <button class="btn btn-primary">{{ __('Save this turn') }}</button>
    </form>
    @if ($form->was !== '')
        <form method="post" action="{{ route('runsheet.turns.destroy', [$frame->event, $form->was]) }}">
            @csrf
            @method('delete')
            <input type="hidden" name="from" value="{{ $form->revision }}" autocomplete="off">
            <button class="btn btn-quiet">{{ __('Remove this turn') }}</button>
        </form>
    @endif
</x-event-frame>
