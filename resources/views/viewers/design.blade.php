@php $mayEdit = Gate::allows('update', $frame->event); @endphp
<x-event-frame :frame="$frame" room="viewers" :title="$viewer->name ?: $page->title">
    <p class="lead-answer">{{ $viewer->name ?: $page->title }}</p>
    <p class="note">{{ $viewer->name ? $page->title . '. ' : '' }}{{ $page->about }}</p>
    <x-faults />
    <div class="design" x-data="bench" data-preview="{{ route('viewers.preview', $frame->event) }}" data-image="{{ route('viewers.image', $frame->event) }}"
        data-total="{{ __('Totality: the image goes out.') }}" data-down="{{ __('The Sun is down.') }}" data-covered="{{ __(':area % of the area covered') }}"
        x-on:click="take" x-on:pointerdown="grab" x-on:pointermove="drag" x-on:pointerup="drop" x-on:pointercancel="drop" x-on:keydown="nudge">
        <form class="design-form" method="post" action="{{ $viewer->exists ? route('viewers.update', [$frame->event, $viewer]) : route('viewers.store', $frame->event) }}" x-ref="form" x-on:input="changed" novalidate>
            @csrf
            <x-made-from :record="$viewer" />
            @if ($viewer->exists) @method('put') @endif
            <input type="hidden" name="build" value="{{ $page->design->build->value }}">
            <x-field name="name" :label="__('Name')" :value="old('name', $viewer->name)" :stored="$page->stored['name'] ?? null" maxlength="80" />
            @if ($page->spells)
                <x-field name="text" :label="__('It spells')" :value="old('text', $page->design->text)" :stored="$page->stored['text'] ?? null" maxlength="24" />
                @include('viewers.pad')
            @endif
            @foreach ($page->sizes as $size)
                <x-field :name="$size->name" :label="$size->label . ', mm'" :value="old($size->name, $size->value)" :stored="$page->stored[$size->name] ?? null" inputmode="decimal" />
                <input class="form-range" type="range" min="0" max="1000" data-of="{{ $size->name }}" data-least="{{ $size->leastMm }}" data-most="{{ $size->mostMm }}" aria-label="{{ $size->label }}">
            @endforeach
            @foreach ($page->choices as $choice)
                @include('viewers.choice')
            @endforeach
            @if ($page->handling !== [])
                <h2>{{ __('How it is handled') }}</h2>
                @foreach ($page->handling as $choice)
                    @include('viewers.choice')
                @endforeach
            @endif
            <p class="design-steps"><button type="button" class="btn btn-quiet" x-on:click.stop="undo" x-bind:disabled="isFirst">{{ __('Undo') }}</button> <button type="button" class="btn btn-quiet" x-on:click.stop="redo" x-bind:disabled="isLast">{{ __('Redo') }}</button></p>
            <p class="fault" role="alert" x-ref="refused" hidden>{{ __('What is shown is the last design that can be built.') }}</p>
            @if ($mayEdit)
                <button class="btn btn-primary">{{ __('Save this design') }}</button>
            @endif
            <p class="caution">{{ __('An adult cuts. Never look through the hole at the Sun; turn your back to it and look at the screen.') }} <a href="{{ route('rules.book', $frame->event) }}#through-the-pinhole">{{ __('The rule') }}</a></p>
        </form>
        <div class="design-shows">
            @include('viewers.screen')
            <div x-ref="bench" aria-live="polite">@include('viewers.bench', ['bench' => $page->bench])</div>
        </div>
    </div>
    @if ($viewer->exists)
        <p class="after-design"><a class="btn btn-quiet" href="{{ route('viewers.build', [$frame->event, $viewer]) }}">{{ __('To build it') }}</a> <a class="btn btn-quiet" href="{{ route('viewers.trials', [$frame->event, $viewer]) }}">{{ __('Tried out') }}</a></p>
        <p><a href="{{ route('viewers.file', [$frame->event, $viewer]) }}">{{ __('Download as JSON') }}</a></p>
    @endif
    @if ($viewer->exists && $mayEdit)
        <h2>{{ __('For this event') }}</h2>
        @include('viewers.wanted')
        <form method="post" action="{{ route('viewers.copy', [$frame->event, $viewer]) }}">
            @csrf
            <x-made-from />
            <button class="link-button">{{ __('Make a copy') }}</button>
        </form>
        <form method="post" action="{{ route('viewers.destroy', [$frame->event, $viewer]) }}">
            @csrf
            @method('delete')
            <button class="link-button">{{ __('Remove this design') }}</button>
        </form>
    @endif
</x-event-frame>
