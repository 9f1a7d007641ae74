@php
    use App\Text\LotWords;
    use KeenShadow\Core\Eyewear\SupplierStanding;

    $day = $supplier?->checked_on?->format('Y-m-d');
@endphp
<x-event-frame :frame="$frame" room="eyewear" :title="__('Supplier')">
    <p class="lead-answer">{{ $supplier ? $supplier->name : __('A supplier') }}</p>
    <p class="note">{{ __('Good evidence: the maker of the glasses says in writing that they supply this seller; an order that came with the report of its batch.') }}</p>
    <x-faults />
    <form method="post" action="{{ $supplier ? route('eyewear.suppliers.update', [$frame->event, $supplier]) : route('eyewear.suppliers.store', $frame->event) }}" novalidate>
        @csrf
        <x-made-from :record="$supplier" />
        @if ($supplier) @method('put') @endif
        <x-field name="name" :label="__('Name')" :value="old('name', $supplier?->name)" :stored="$supplier?->name" maxlength="80" />
        <x-answers name="standing" :label="__('May be bought from them?')" :options="LotWords::answers(SupplierStanding::cases())" :value="old('standing', $supplier?->standing->value)" :stored="$supplier?->standing->value" />
        <div class="field">
            <label for="evidence">{{ __('What that stands on') }}</label>
            <textarea class="form-control" id="evidence" name="evidence" rows="3" maxlength="1000" aria-describedby="evidence-fault">{{ old('evidence', $supplier?->evidence) }}</textarea>
            <x-meanwhile name="evidence" :stored="$supplier?->evidence" />
            <x-fault field="evidence" />
        </div>
        <div class="side-by-side">
            <x-field name="checked_by" :label="__('Checked by')" :value="old('checked_by', $supplier ? $supplier->checked_by : auth()->user()->name)" :stored="$supplier?->checked_by" maxlength="80" />
            <x-field name="checked_on" type="date" :label="__('On')" :value="old('checked_on', $supplier ? $day : $today)" :stored="$day" />
        </div>
        <button class="btn btn-primary">{{ __('Save') }}</button>
    </form>
</x-event-frame>
