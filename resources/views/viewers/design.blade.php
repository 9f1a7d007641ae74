@php $sides = ['front' => __('from the hole\'s side, the Sun at your back'), 'behind' => __('from behind, through paper, facing the Sun')]; @endphp
<x-event-frame :frame="$frame" room="viewers" :title="$viewer->name ?: __('Design a box')">
    <p class="lead-answer">{{ $viewer->name ?: __('A box with a hole') }}</p>
    <x-faults />
    <div class="design" x-data="boxDesign" data-preview="{{ route('viewers.preview', $frame->event) }}" x-on:click="take">
        <form method="post" action="{{ $viewer->exists ? route('viewers.update', [$frame->event, $viewer]) : route('viewers.store', $frame->event) }}" x-ref="form" novalidate>
            @csrf
            <x-made-from :record="$viewer" />
            @if ($viewer->exists) @method('put') @endif
            <x-field name="name" :label="__('Name')" :value="old('name', $viewer->name)" :stored="$viewer->exists ? $viewer->name : null" maxlength="80" />
            <x-field name="distance_mm" :label="__('Hole to screen, mm')" :value="old('distance_mm', $viewer->distance_mm)" :stored="$viewer->exists ? $viewer->distance_mm : null" inputmode="decimal" x-on:input="change" />
            <x-field name="hole_mm" :label="__('Width of the hole, mm')" :value="old('hole_mm', $viewer->hole_mm)" :stored="$viewer->exists ? $viewer->hole_mm : null" inputmode="decimal" x-ref="hole" x-on:input="change" />
            <fieldset class="field" id="screen_side">
                <legend>{{ __('The screen is seen') }}</legend>
                <div class="answers">
                    @foreach ($sides as $side => $text)
                        <label><input class="form-check-input" type="radio" name="screen_side" value="{{ $side }}" x-on:change="change" @checked(old('screen_side', $viewer->screen_side->value) === $side)>{{ $text }}</label>
                    @endforeach
                </div>
                <x-meanwhile name="screen_side" :stored="$viewer->exists ? $viewer->screen_side->value : null" :words="$sides[$viewer->screen_side->value]" />
                <x-fault field="screen_side" />
            </fieldset>
            @can('update', $frame->event)
                <button class="btn btn-primary">{{ __('Save this design') }}</button>
            @endcan
            <p class="fault" role="alert" x-ref="refused" hidden>{{ __('The hole is :hl to :hm mm wide, the distance :dl to :dm mm; the picture shows the last sizes that fit.', [
                'hl' => KeenShadow\Core\Viewers\Pinhole::LEAST_HOLE_MM, 'hm' => KeenShadow\Core\Viewers\Pinhole::MOST_HOLE_MM,
                'dl' => KeenShadow\Core\Viewers\Pinhole::LEAST_DISTANCE_MM, 'dm' => KeenShadow\Core\Viewers\Pinhole::MOST_DISTANCE_MM,
            ]) }}</p>
            <x-permission :frame="$frame" :situation="KeenShadow\Core\Viewers\Pinhole::situation()" />
            <p class="caution">{{ __('An adult cuts. Never look through the hole at the Sun; turn your back to it and look at the screen.') }} <a href="{{ route('rules.book', $frame->event) }}#through-the-pinhole">{{ __('The rule') }}</a></p>
        </form>
        <div x-ref="box" aria-live="polite">@include('viewers.box')</div>
    </div>
    @if ($viewer->exists)
        @can('update', $frame->event)
            <form method="post" action="{{ route('viewers.destroy', [$frame->event, $viewer]) }}">
                @csrf
                @method('delete')
                <button class="link-button">{{ __('Remove this design') }}</button>
            </form>
        @endcan
    @endif
</x-event-frame>
