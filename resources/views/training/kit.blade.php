@use('App\Text\AudienceWords')
<x-event-frame :frame="$frame" room="training" :title="__('Kit for teachers')">
    <x-training-tabs :event="$frame->event" current="training.kit" />
    <p class="lead-answer">{{ __('For the schools of a district: each with its own times, handouts, run sheet and cards.') }}</p>
    <x-faults />
    <p>{{ __('At every school times and filters are worked out for that place, over a level horizon: what stands on its site nobody has drawn. The policy is this event\'s: :policy A school\'s own rules come first.', ['policy' => $frame->event->policy === null ? __('not chosen yet.') : AudienceWords::policyMeans($frame->event->policy)]) }}</p>
    <p>{{ trans_choice('{0} There are no cards for the queue yet: the kits are made without.|{1} With the 1 card of the deck for the queue.|[2,*] With the :count cards of the deck for the queue.', $cards) }} <a href="{{ route('training.printed', $frame->event) }}#queue">{{ __('To the deck') }}</a></p>
    @if ($frame->event->sheet_revision_id === null)<p class="cue-note">{{ __('There is no run sheet yet: those of the kits would hold the moments of the filters only.') }} <a href="{{ route('runsheet.show', $frame->event) }}">{{ __('To the run sheet') }}</a></p>@endif
    @include('event.bundle-form', ['event' => $frame->event, 'make' => __('Make the kits')])
</x-event-frame>
