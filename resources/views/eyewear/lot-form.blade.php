@php
    $stated = ['yes' => __('yes'), 'no' => __('no'), 'unsure' => __('not sure')];
    $value = fn (string $field) => old($field, $lot?->{$field} instanceof BackedEnum ? $lot->{$field}->value : $lot?->{$field});
@endphp
<x-event-frame :frame="$frame" room="eyewear" :title="__('Lot')">
    <p class="lead-answer">{{ $lot ? __('Papers of :label', ['label' => $lot->label]) : __('A lot and its papers') }}</p>
    <p class="note">{{ __('Take one pair and the packing in your hand and answer what you see. "Not sure" is an honest answer.') }}</p>
    <x-faults />
    <form method="post" action="{{ $lot ? route('eyewear.update', [$frame->event, $lot]) : route('eyewear.store', $frame->event) }}" novalidate>
        @csrf
        @if ($lot) @method('put') @endif
        <div class="side-by-side">
            <x-field name="label" :label="__('Label of the lot')" :value="$value('label')" :hint="__('The batch number, or a name you will know it by')" maxlength="80" />
            <x-field name="pairs" :label="__('Number of pairs')" :value="$value('pairs')" inputmode="numeric" />
        </div>
        <x-answers name="maker_name" :label="__('Is the maker named on them?')" :options="$stated" :value="$value('maker_name')" />
        <x-answers name="maker_address" :label="__('Is the maker\'s address given?')" :options="$stated" :value="$value('maker_address')" />
        <x-answers name="printed_standard" :label="__('Which standard is printed?')" :value="$value('printed_standard')"
            :options="['iso12312' => 'ISO 12312-2', 'logo' => __('only ISO or a logo'), 'another' => __('another standard'), 'none' => __('none')]" />
        <x-answers name="instructions" :label="__('Are there instructions for use?')" :options="$stated" :value="$value('instructions')" />
        <x-answers name="warnings" :label="__('Are the warnings there?')" :options="$stated" :value="$value('warnings')" :hint="__('Never with telescope, binoculars or camera; discard when damaged; how to store')" />
        <x-field name="expires_on" type="date" :label="__('Expiry date, if one is printed')" :value="old('expires_on', $lot?->expires_on?->format('Y-m-d'))" />
        <x-answers name="origin" :label="__('Where did they come from?')" :value="$value('origin')"
            :options="['checked_supplier' => __('a supplier we have checked'), 'maker' => __('the maker'), 'web_shop' => __('a web shop or market place'), 'unknown' => __('a gift, or not known')]" />
        <x-answers name="test_report" :label="__('Which test report do you have?')" :value="$value('test_report')"
            :options="['product_and_batch' => __('names this product and batch'), 'product_only' => __('names this product'), 'something_else' => __('is for something else'), 'none' => __('none')]" />
        <button class="btn btn-primary">{{ $lot ? __('Save') : __('See the verdict') }}</button>
    </form>
</x-event-frame>
