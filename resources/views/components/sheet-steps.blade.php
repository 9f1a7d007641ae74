@props(['event', 'steps', 'view'])
{{-- What a run sheet page has of tools: its own in the slot, steps back and on, zoom. --}}
<p class="fault" data-said data-words="{{ __('It was not kept: no answer came. Try again.') }}" role="alert" hidden></p>
<div class="sheet-tools">
    @can('update', $event)
        {{ $slot }}
        @foreach (['undo' => [__('Undo'), $steps->canUndo], 'redo' => [__('Redo'), $steps->canRedo]] as $step => [$words, $can])
            <form method="post" action="{{ route("runsheet.{$step}", $event) }}" data-step="{{ $step }}">
                @csrf
                <x-sheet-from :steps="$steps" :view="$view" />
                <button class="btn btn-quiet" @disabled(! $can)>{{ $words }}</button>
            </form>
        @endforeach
    @endcan
    <span class="sheet-zoom" data-zoom hidden>
        <button class="btn btn-quiet" type="button" data-zoom-by="-1">{{ __('Whole day') }}</button>
        <button class="btn btn-quiet" type="button" data-zoom-by="1">{{ __('Closer') }}</button>
    </span>
</div>
