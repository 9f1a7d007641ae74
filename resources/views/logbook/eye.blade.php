<x-event-frame :frame="$frame" room="logbook" :title="__('Eyes afterwards')">
    <x-logbook-tabs :event="$frame->event" current="logbook.eyes" />
    <x-faults />
    <p class="lead-answer">{{ $page->report->called }}</p>
    <p>{{ __('told :moment', ['moment' => $page->told]) }} · {{ __('deleted on :day', ['day' => $page->deleted]) }}</p>
    <p>
    @foreach ($page->reminders as $reminder)
        @if ($reminder['isWaiting'])<b>{{ __(':hours h', ['hours' => $reminder['hours']]) }} {{ $reminder['words'] }}</b>@else{{ __(':hours h', ['hours' => $reminder['hours']]) }} {{ $reminder['words'] }}@endif @if (! $loop->last) · @endif
    @endforeach
    </p>
    @if (collect($page->reminders)->contains('isWaiting', true))
        <form method="post" action="{{ route('logbook.eyes.seen', [$frame->event, $page->report]) }}">@csrf<button class="btn btn-primary">{{ __('I have asked') }}</button></form>
    @endif
    <div class="sheet-tools">
        <a class="btn btn-primary" href="{{ route('logbook.eyes.sheet', [$frame->event, $page->report, 'a4']) }}">{{ __('Sheet for the eye doctor (A4)') }}</a>
        <a class="btn btn-quiet" href="{{ route('logbook.eyes.sheet', [$frame->event, $page->report, 'letter']) }}">{{ __('Letter') }}</a>
        <a class="btn btn-quiet" href="{{ route('logbook.eyes.edit', [$frame->event, $page->report]) }}">{{ __('Change') }}</a>
    </div>
    @include('logbook.eye-advice')
    @include('logbook.eye-facts')
    @if ($page->report->closed_at === null)
        <h2>{{ __('Ask no more') }}</h2>
        <form method="post" action="{{ route('logbook.eyes.close', [$frame->event, $page->report]) }}" novalidate>
            @csrf
            <x-made-from :record="$page->report" />
            <x-field name="closed_how" :label="__('Why')" :value="old('closed_how')" maxlength="300" :hint="__('Seen by an eye doctor, say.')" />
            <button class="btn btn-quiet">{{ __('Close it') }}</button>
        </form>
    @else
        <p><b>{{ __('Closed') }}</b>: {{ $page->report->closed_how }}</p>
        <form method="post" action="{{ route('logbook.eyes.reopen', [$frame->event, $page->report]) }}">@csrf<button class="btn btn-quiet">{{ __('Open it again') }}</button></form>
    @endif
    <details class="folded">
        <summary>{{ __('Delete it now') }}</summary>
        <p>{{ __('It cannot be brought back.') }}</p>
        <form method="post" action="{{ route('logbook.eyes.destroy', [$frame->event, $page->report]) }}">@csrf @method('delete')<button class="btn btn-quiet">{{ __('Delete it') }}</button></form>
    </details>
</x-event-frame>
