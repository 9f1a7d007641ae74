@use('App\Text\ObservationWords')
<x-event-frame :frame="$frame" room="logbook" :title="__('Correct a line')">
    <x-logbook-tabs :event="$frame->event" current="logbook.show" />
    <p class="lead-answer">{{ __('Correct a line: :kind', ['kind' => ObservationWords::kind($form->kind)]) }}</p>
    <p class="note">{{ __('What stands there now is kept, and shown below the log.') }}</p>
    <x-faults />
    <form method="post" action="{{ route('logbook.lines.correct', [$frame->event, $form->id]) }}" novalidate>
        @csrf
        <x-made-from />
        <input type="hidden" name="kind" value="{{ $form->kind->value }}">
        <x-field name="time" :label="__('Time here')" :value="old('time', $form->values['time'])" autocomplete="off" />
        @if ($form->kind->isMeasured())
            <x-field name="value" :label="ObservationWords::unit($form->kind)" :value="old('value', $form->values['value'])" inputmode="decimal" autocomplete="off" />
        @endif
        <x-field name="text" :label="__('In words')" :value="old('text', $form->values['text'])" maxlength="300" />
        @include('logbook.within', ['who' => $form->values['who'], 'within' => $form->values['within']])
        <button class="btn btn-primary">{{ __('Save') }}</button>
        <a class="btn btn-quiet" href="{{ route('logbook.show', $frame->event) }}">{{ __('Back') }}</a>
    </form>
    <form class="form-apart" method="post" action="{{ route('logbook.lines.destroy', [$frame->event, $form->id]) }}">@csrf @method('delete')<button class="btn btn-quiet">{{ __('Take this line out') }}</button></form>
</x-event-frame>
