<x-event-frame :frame="$frame" room="runsheet" :title="__('Crew')">
    <x-slot:axis x-data="lanes" tabindex="0" role="region" aria-label="{{ __('The day along the ribbon') }}" data-from="{{ $page->steps->revision }}" data-view="{{ $view }}" data-begin="{{ $page->lanes->beginS }}" data-end="{{ $page->lanes->endS }}" :data-editable="Gate::allows('update', $frame->event) ? 'yes' : null">
        @include('runsheet.lanes', ['lanes' => $page->lanes, 'ribbon' => $frame->ribbon, 'event' => $frame->event, 'stepS' => $page->stepS])
    </x-slot>
    <x-sheet-tabs :event="$frame->event" current="runsheet.crew" />
    <div id="sheet-steps">
        <p class="lead-answer">{{ $page->headline }}</p>
        <x-faults />
        <x-sheet-steps :event="$frame->event" :steps="$page->steps" :view="$view">
            @if ($page->coming !== [])
                <form method="post" action="{{ route('runsheet.crew.fill', $frame->event) }}">
                    @csrf
                    <x-sheet-from :steps="$page->steps" :view="$view" />
                    <button class="btn btn-primary">{{ __('Fill what has nobody') }}</button>
                </form>
                <a class="btn btn-quiet" href="{{ route('runsheet.posts.create', $frame->event) }}">{{ __('Add a duty') }}</a>
            @endif
            <a class="btn btn-quiet" href="{{ route('runsheet.helpers.create', $frame->event) }}">{{ __('Add a helper') }}</a>
        </x-sheet-steps>
    </div>
    <div id="sheet-list">
        @include('runsheet.rota-faults', ['faults' => $page->faults])
        @if ($page->coming === [] && $page->others === [])
            <p>{{ __('Whoever helps is written down once and can be asked for every event: a name, what they are trained for, and how they are reached.') }}</p>
        @endif
        @if ($page->coming !== [])
            <h2 id="coming">{{ __('Who comes') }}</h2>
            @include('runsheet.helpers', ['helpers' => $page->coming, 'isComing' => true, 'labelledby' => 'coming'])
        @endif
        @if ($page->others !== [])
            <h2 id="others">{{ __('Not asked for this event') }}</h2>
            @can('update', $frame->event)
                @if (count($page->others) > 1)
                    <form method="post" action="{{ route('runsheet.crew.all', $frame->event) }}">
                        @csrf
                        <x-sheet-from :steps="$page->steps" :view="$view" />
                        <button class="btn btn-quiet">{{ __('All of these come') }}</button>
                    </form>
                @endif
            @endcan
            @include('runsheet.helpers', ['helpers' => $page->others, 'isComing' => false, 'labelledby' => 'others'])
        @endif
    </div>
</x-event-frame>
