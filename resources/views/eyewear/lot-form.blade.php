@php
    use App\Text\EyewearWords;
    use KeenShadow\Core\Eyewear\{Origin, PrintedStandard, Stated, TestReport};

    $stated = EyewearWords::answers(Stated::cases());
    $stored = fn (string $field) => $lot?->{$field} instanceof BackedEnum ? $lot->{$field}->value : $lot?->{$field};
    $value = fn (string $field) => old($field, $stored($field));
@endphp
<x-event-frame :frame="$frame" room="eyewear" :title="__('Lot')">
    <p class="lead-answer">{{ $lot ? __('Papers of :label', ['label' => $lot->label]) : __('A lot and its papers') }}</p>
    <p class="note">{{ __('Take one pair and the packing in your hand and answer what you see. "Not sure" is an honest answer.') }}</p>
    <x-faults />
    <form method="post" action="{{ $lot ? route('eyewear.update', [$frame->event, $lot]) : route('eyewear.store', $frame->event) }}" novalidate>
        @csrf
        <x-made-from :record="$lot" />
        @if ($lot) @method('put') @endif
        <div class="side-by-side">
            <x-field name="label" :label="__('Label of the lot')" :value="$value('label')" :stored="$stored('label')" :hint="__('The batch number, or a name you will know it by')" maxlength="80" />
            <x-field name="pairs" :label="__('Number of pairs')" :value="$value('pairs')" :stored="$stored('pairs')" inputmode="numeric" />
        </div>
        <x-answers name="maker_name" :label="__('Is the maker named on them?')" :options="$stated" :value="$value('maker_name')" :stored="$stored('maker_name')" />
        <x-answers name="maker_address" :label="__('Is the maker\'s address given?')" :options="$stated" :value="$value('maker_address')" :stored="$stored('maker_address')" />
        <x-answers name="printed_standard" :label="__('Which standard is printed?')" :value="$value('printed_standard')" :stored="$stored('printed_standard')"
            :options="EyewearWords::answers(PrintedStandard::cases())" />
        <x-answers name="instructions" :label="__('Are there instructions for use?')" :options="$stated" :value="$value('instructions')" :stored="$stored('instructions')" />
        <x-answers name="warnings" :label="__('Are the warnings there?')" :options="$stated" :value="$value('warnings')" :stored="$stored('warnings')" :hint="__('Never with telescope, binoculars or camera; discard when damaged; how to store')" />
        <x-field name="expires_on" type="date" :label="__('Expiry date, if one is printed')" :value="old('expires_on', $lot?->expires_on?->format('Y-m-d'))" :stored="$lot === null ? null : (string) $lot->expires_on?->format('Y-m-d')" />
        <x-answers name="origin" :label="__('Where did they come from?')" :value="$value('origin')" :stored="$stored('origin')"
            :options="EyewearWords::answers(Origin::cases())" />
        <x-answers name="test_report" :label="__('Which test report do you have?')" :value="$value('test_report')" :stored="$stored('test_report')"
            :options="EyewearWords::answers(TestReport::cases())" />
        <button class="btn btn-primary">{{ $lot ? __('Save') : __('See the verdict') }}</button>
    </form>
</x-event-frame>
