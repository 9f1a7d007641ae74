@if ($page->lists === [])
    <p>{{ __('There is no list of places yet: a CSV with name, lat, lon is enough.') }} <a href="{{ route('place-lists.index', $event) }}">{{ __('To the lists of places') }}</a></p>
@else
    @can('update', $event)
        <form method="post" action="{{ route('bundles.store', $event) }}" novalidate>
            @csrf
            <input type="hidden" name="uuid" value="{{ old('uuid', $page->uuid) }}" autocomplete="off">
            <input type="hidden" name="kind" value="{{ $page->kind->value }}">
            <x-choose name="list" :label="__('List of places')" :options="$page->lists" :value="old('list', (string) array_key_first($page->lists))" />
            <x-choose name="wall" :label="__('Paper')" :options="$page->papers" :value="old('wall', 'a4')" />
            <button class="btn btn-primary">{{ $make }}</button>
        </form>
    @endcan
@endif
<div x-data="watched" data-piece="{{ route('bundles.progress', [$event, $page->kind]) }}" data-done="{{ $page->isDone ? '1' : '' }}">
    <div x-ref="piece">@include('event.bundles')</div>
</div>
