@use('App\Models\Sky\BundleKind')
@php($isKit = $page->kind === BundleKind::Kit)
<div role="status" data-done="{{ $page->isDone ? '1' : '' }}">
    @foreach ($page->bundles as $bundle)
        <section class="bundle">
            <h2>{{ $bundle['name'] }}</h2>
            <p class="note">{{ __('asked for at :time', ['time' => $bundle['asked']]) }}</p>
            @if ($bundle['progress']->isDone())
                <p>{{ $bundle['made'] }}
                    @if ($isKit)<a href="{{ route('training.kit.show', [$event, $bundle['id']]) }}">{{ __('Each school by itself') }}</a>@endif
                    @if (! $bundle['isOld'])<a href="{{ route('bundles.zip', [$event, $bundle['id']]) }}">{{ __('All of them, with calendars and a table of times (ZIP)') }}</a>@endif
                </p>
                @if ($bundle['isOld'])
                    <p class="cue-note">{{ $isKit ? __('The event, the deck or the program has changed since, and what they say may be wrong: make them again.') : __('The event or the program has changed since, and what they say may be wrong: make them again.') }}</p>
                @endif
            @else
                <label>{{ __(':done of :all places made', ['done' => $bundle['progress']->done, 'all' => $bundle['progress']->size]) }} <progress max="{{ $bundle['progress']->size }}" value="{{ $bundle['progress']->done }}"></progress></label>
                @if ($bundle['progress']->hasFailed)
                    <p class="fault">{{ __('Making the rest was given up.') }}</p>
                    @can('update', $event)
                        <form method="post" action="{{ route('bundles.again', [$event, $bundle['id']]) }}">
                            @csrf
                            <button class="btn btn-quiet">{{ __('Make the rest') }}</button>
                        </form>
                    @endcan
                @elseif (! $bundle['progress']->isWorkedOn)
                    <p class="fault">{{ __('Nobody works on it just now: is a queue worker running? It goes on by itself as soon as one does.') }}</p>
                @endif
            @endif
            @can('update', $event)
                <form method="post" action="{{ route('bundles.destroy', [$event, $bundle['id']]) }}">
                    @csrf
                    @method('delete')
                    <button class="link-button">{{ $bundle['progress']->isDone() ? ($isKit ? __('Remove these kits') : __('Remove these sheets')) : __('Stop and remove') }}</button>
                </form>
            @endcan
        </section>
    @endforeach
</div>
