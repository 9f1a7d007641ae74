<x-event-frame :frame="$frame" room="eyewear" :title="__('Measure and count')">
    <x-eyewear-tabs :event="$frame->event" current="eyewear.measure" />
    <p class="lead-answer">{{ __('Measure and count') }}</p>
    <p class="note">{{ __('It screens and does not certify. Every pair is looked over as well, always.') }}</p>
    <h2>{{ __('Light meter') }}</h2>
    <ol>
        <li>{{ __('In the dark: cover the sensor and read.') }}</li>
        <li>{{ __('In open sunlight: hold the sensor square to the Sun and read.') }}</li>
        <li>{{ __('Behind the filter: lay the lens over the sensor, with no light past its rim, at the same place at once.') }}</li>
    </ol>
    <x-live-form :action="route('eyewear.measure', $frame->event)" answer="meter">
        <input type="hidden" name="part" value="meter">
        <x-field name="dark_lx" :label="__('1 In the dark, lx')" :value="old('dark_lx', $request->number('dark_lx'))" inputmode="decimal" />
        <x-field name="open_lx" :label="__('2 In the open, lx')" :value="old('open_lx', $request->number('open_lx'))" inputmode="decimal" />
        <x-field name="behind_lx" :label="__('3 Behind the filter, lx')" :value="old('behind_lx', $request->number('behind_lx'))" inputmode="decimal" />
        <x-field name="resolution_lx" :label="__('Last digit of the meter, lx')" :value="old('resolution_lx', $request->number('resolution_lx'))" inputmode="decimal" />
        <x-field name="accuracy_percent" :label="__('Accuracy, ± %')" :value="old('accuracy_percent', $request->number('accuracy_percent'))" inputmode="decimal" />
    </x-live-form>
    <div id="meter" aria-live="polite">@include('eyewear.measure-meter')</div>
    <h2>{{ __('Shade, optical density, per cent') }}</h2>
    <x-live-form :action="route('eyewear.measure', $frame->event)" answer="shade">
        <input type="hidden" name="part" value="shade">
        <div class="field">
            <label for="known">{{ __('What is known') }}</label>
            <select class="form-select" id="known" name="known">
                @foreach (['number' => __('shade number'), 'density' => __('optical density'), 'percent' => __('per cent of the light')] as $known => $words)
                    <option value="{{ $known }}" @selected(old('known', $request->known()) === $known)>{{ $words }}</option>
                @endforeach
            </select>
        </div>
        <x-field name="value" :label="__('Its value')" :value="old('value', $request->number('value'))" inputmode="decimal" />
    </x-live-form>
    <div id="shade" aria-live="polite">@include('eyewear.measure-shade')</div>
    <h2>{{ __('How many to test') }}</h2>
    <p class="note">{{ __('For a test that a pair does not come back from, or that takes a laboratory. Drawn at random from one lot. Looking over is for every pair, never a sample.') }}</p>
    <x-live-form :action="route('eyewear.measure', $frame->event)" answer="sample">
        <input type="hidden" name="part" value="sample">
        <x-field name="pairs" :label="__('Pairs in the lot')" :value="old('pairs', $request->count('pairs'))" inputmode="numeric" />
        <x-field name="tested" :label="__('Tested')" :value="old('tested', $request->count('tested'))" inputmode="numeric" />
        <x-field name="failed" :label="__('Failed')" :value="old('failed', $request->count('failed'))" inputmode="numeric" />
        <x-field name="most_bad" :label="__('Bad at most')" :value="old('most_bad', $request->count('most_bad'))" inputmode="numeric" />
        <x-field name="confidence_percent" :label="__('Confidence, %')" :value="old('confidence_percent', $request->number('confidence_percent'))" inputmode="decimal" />
    </x-live-form>
    <div id="sample" aria-live="polite">@include('eyewear.measure-sample')</div>
    <h2>{{ __('A small filter over a large telescope') }}</h2>
    <p class="note">{{ __('On the front, made for looking, held with tape against knock and wind; held against the Sun for holes before every use, by somebody who does not look into the telescope.') }} <a href="{{ route('rules.book', $frame->event) }}#front-filter">{{ __('The rule') }}</a></p>
    <x-live-form :action="route('eyewear.measure', $frame->event)" answer="mask">
        <input type="hidden" name="part" value="mask">
        <x-field name="aperture_mm" :label="__('Opening of the telescope, mm')" :value="old('aperture_mm', $request->number('aperture_mm'))" inputmode="decimal" />
        <x-field name="obstruction_mm" :label="__('Secondary mirror with its cell, mm')" :value="old('obstruction_mm', $request->number('obstruction_mm'))" inputmode="decimal" />
        <x-field name="vanes" :label="__('Vanes that hold it')" :value="old('vanes', $request->count('vanes'))" inputmode="numeric" />
        <x-field name="vane_mm" :label="__('Width of a vane, mm')" :value="old('vane_mm', $request->number('vane_mm'))" inputmode="decimal" />
    </x-live-form>
    <div id="mask" aria-live="polite">@include('eyewear.measure-mask')</div>
    <h2 id="shield-pattern">{{ __('A face shield') }}</h2>
    <p class="note">{{ __('Glasses set in stiff card, for those on whom they do not stay. The glasses are fit first: looked over today, of a lot whose papers are in order.') }} <a href="{{ route('rules.book', $frame->event) }}#kept-on">{{ __('The rule') }}</a></p>
    <x-live-form :action="route('eyewear.measure', $frame->event)" answer="shield">
        <input type="hidden" name="part" value="shield">
        <x-field name="lens_width_mm" :label="__('Width of a lens, mm')" :value="old('lens_width_mm', $request->number('lens_width_mm'))" inputmode="decimal" />
        <x-field name="lens_height_mm" :label="__('Height of a lens, mm')" :value="old('lens_height_mm', $request->number('lens_height_mm'))" inputmode="decimal" />
        <x-field name="centres_mm" :label="__('From middle to middle of the lenses, mm')" :value="old('centres_mm', $request->number('centres_mm'))" inputmode="decimal" />
    </x-live-form>
    <p><button type="button" class="btn btn-quiet" x-data="printPage" x-on:click="print">{{ __('Print') }}</button></p>
    <div id="shield" aria-live="polite">@include('eyewear.measure-shield')</div>
</x-event-frame>
