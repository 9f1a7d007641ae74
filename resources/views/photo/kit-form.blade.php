@use('KeenShadow\Core\Photo\Kit\KitKind')
@php $item = $form->item; $value = fn (string $name): string => (string) old($name, $form->values[$name] ?? ''); @endphp
<x-event-frame :frame="$frame" room="photo" :title="$form->title">
    <x-photo-tabs :event="$frame->event" current="photo.kit" />
    <p class="lead-answer">{{ $form->title }}</p>
    <x-faults />
    <form class="kit-form" method="post" action="{{ $item->exists ? route('photo.kit.update', [$frame->event, $item]) : route('photo.kit.store', $frame->event) }}" novalidate>
        @csrf
        <x-made-from :record="$item" />
        @if ($item->exists) @method('put') @else <input type="hidden" name="kind" value="{{ $form->kind->value }}"> @endif
        <x-field name="name" :label="__('Name')" :value="old('name', $item->name)" :stored="$item->name" maxlength="60" />
        @foreach ($form->choices as $name => $options)
            <div class="field">
                <label for="{{ $name }}">{{ ['is_phone' => __('It is'), 'build' => __('It is'), 'make' => __('It is'), 'seat' => __('It sits'), 'fixing' => __('It is held'), 'tracks' => __('It')][$name] }}</label>
                <select class="form-select" id="{{ $name }}" name="{{ $name }}">@foreach ($options as $option => $words)<option value="{{ $option }}" @selected($value($name) === (string) $option)>{{ $words }}</option>@endforeach</select>
                <x-fault :field="$name" />
            </div>
        @endforeach
        @switch ($form->kind)
            @case(KitKind::Camera)
                <div class="side-by-side">
                    <x-field name="sensor_w" :label="__('Sensor, width, mm')" :value="$value('sensor_w')" inputmode="decimal" />
                    <x-field name="sensor_h" :label="__('Height, mm')" :value="$value('sensor_h')" inputmode="decimal" />
                    <x-field name="pixel_um" :label="__('Pixel, µm')" :value="$value('pixel_um')" inputmode="decimal" :hint="__('width of the sensor over pixels across')" />
                </div>
                <div class="side-by-side">
                    <x-field name="iso_least" :label="__('ISO, least')" :value="$value('iso_least')" inputmode="numeric" />
                    <x-field name="iso_most" :label="__('ISO, most')" :value="$value('iso_most')" inputmode="numeric" />
                </div>
                <div class="side-by-side">
                    <x-field name="frames_per_s" :label="__('Burst, frames a second')" :value="$value('frames_per_s')" inputmode="decimal" />
                    <x-field name="buffer_frames" :label="__('Frames it holds')" :value="$value('buffer_frames')" inputmode="numeric" :hint="__('until the card has them; 1 writes each first')" />
                    <x-field name="write_s" :label="__('Card, s a frame')" :value="$value('write_s')" inputmode="decimal" :hint="__('time it once with your own card')" />
                </div>
                <div class="side-by-side">
                    <x-field name="focal_mm" :label="__('Of a phone: focal length, mm')" :value="$value('focal_mm')" inputmode="decimal" :hint="__('the real one, some 4 to 9 mm')" />
                    <x-field name="f_number" :label="__('Of a phone: f-number')" :value="$value('f_number')" inputmode="decimal" />
                </div>
                @break
            @case(KitKind::Optics)
                <div class="side-by-side">
                    <x-field name="focal_mm" :label="__('Focal length, mm')" :value="$value('focal_mm')" inputmode="decimal" />
                    <x-field name="f_number" :label="__('f-number, wide open')" :value="$value('f_number')" inputmode="decimal" />
                    <x-field name="aperture_mm" :label="__('Free opening, mm')" :value="$value('aperture_mm')" inputmode="decimal" :hint="__('blank: focal length over f-number')" />
                </div>
                @break
            @case(KitKind::Filter)
                <x-field name="opening_mm" :label="__('Its free opening, mm')" :value="$value('opening_mm')" inputmode="decimal" :hint="__('only where it leaves less free than the lens has')" />
                <p class="caution">{{ __('A filter sits on the front of the lens, never behind it. One made for photographs is marked “not for eyes”.') }} <a href="{{ route('rules.book', $frame->event) }}#photographic-front-filters">{{ __('The rule') }}</a></p>
                @break
            @case(KitKind::Mount)
                @break
        @endswitch
        <label class="kit-mine"><input class="form-check-input" type="checkbox" name="mine" value="1" @checked(old('mine', $item->owner_id === null ? '' : '1') === '1')> {{ $item->owner === null || $item->owner_id === auth()->id() ? __('It is my own') : __('It is :name\'s own', ['name' => $item->owner->name]) }}</label>
        <button class="btn btn-primary">{{ __('Save') }}</button>
    </form>
    @if ($item->exists)
        <form method="post" action="{{ route('photo.kit.destroy', [$frame->event, $item]) }}">
            @csrf
            @method('delete')
            <button class="link-button">{{ __('Remove it') }}</button>
        </form>
    @endif
</x-event-frame>
