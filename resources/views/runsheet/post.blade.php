<x-event-frame :frame="$frame" room="runsheet" :title="$form->title">
    <p class="lead-answer">{{ $form->title }}</p>
    <x-faults />
    <form method="post" action="{{ route('runsheet.posts.save', $frame->event) }}" novalidate>
        @csrf
        <input type="hidden" name="from" value="{{ $form->revision }}" autocomplete="off">
        <input type="hidden" name="uuid" value="{{ $form->uuid }}" autocomplete="off">
        <x-choose name="helper" :label="__('Who')" :options="$form->helpers" :value="old('helper', $form->values['helper'])" />
        <x-choose name="station" :label="__('Station')" :options="$form->stations" :value="old('station', $form->values['station'])" />
        <x-field name="start" :label="__('From')" :value="old('start', $form->values['start'])" maxlength="5" placeholder="10:30" />
        <x-field name="end" :label="__('To')" :value="old('end', $form->values['end'])" maxlength="5" placeholder="11:00" />
        <button class="btn btn-primary">{{ __('Save this duty') }}</button>
    </form>
    @if (! $form->isNew)
        @if ($form->others !== [])
            <form method="post" action="{{ route('runsheet.posts.swap', [$frame->event, $form->uuid]) }}" novalidate>
                @csrf
                <input type="hidden" name="from" value="{{ $form->revision }}" autocomplete="off">
                <x-choose name="with" :label="__('Exchange it for')" :options="$form->others" :value="old('with', '')" />
                <button class="btn btn-quiet">{{ __('Exchange') }}</button>
            </form>
        @endif
        <form method="post" action="{{ route('runsheet.posts.destroy', [$frame->event, $form->uuid]) }}">
            @csrf
            @method('delete')
            <input type="hidden" name="from" value="{{ $form->revision }}" autocomplete="off">
            <button class="btn btn-quiet">{{ __('Remove this duty') }}</button>
        </form>
    @endif
</x-event-frame>
