@php
    use App\Text\LotWords;
    use KeenShadow\Core\Eyewear\{Kind, Origin, Question};

    $stored = fn (string $field) => $lot?->{$field} instanceof BackedEnum ? $lot->{$field}->value : $lot?->{$field};
    $value = fn (string $field) => old($field, $stored($field));
@endphp
<x-event-frame :frame="$frame" room="eyewear" :title="__('Lot')">
    <p class="lead-answer">{{ $lot ? __('Papers of :label', ['label' => $lot->label]) : __('A lot and its papers') }}</p>
    <x-faults />
    <nav class="kinds" aria-label="{{ __('What is it?') }}">
        @foreach (Kind::cases() as $each)
            <a href="{{ request()->fullUrlWithQuery(['kind' => $each->value]) }}" @if ($each === $kind) aria-current="true" @endif>{{ LotWords::kind($each) }}</a>
        @endforeach
    </nav>
    <p class="note">{{ __('Take one and its packing in your hand and answer what you see. "Not sure" is an honest answer.') }} @if ($kind->isForInstruments()) {{ __('A filter that screws into an eyepiece is not entered: it is destroyed on sight.') }} @endif</p>
    <form method="post" action="{{ $lot ? route('eyewear.update', [$frame->event, $lot]) : route('eyewear.store', $frame->event) }}" novalidate>
        @csrf
        <x-made-from :record="$lot" />
        <input type="hidden" name="kind" value="{{ $kind->value }}">
        @if ($lot) @method('put') @endif
        <div class="side-by-side">
            <x-field name="label" :label="__('Label of the lot')" :value="$value('label')" :stored="$stored('label')" :hint="__('The batch number, or a name you will know it by')" maxlength="80" />
            <x-field name="pairs" :label="$kind->isEclipseGlasses() ? __('Number of pairs') : __('Number of pieces')" :value="$value('pairs')" :stored="$stored('pairs')" inputmode="numeric" />
        </div>
        <x-answers name="origin" :label="__('Where did it come from?')" :value="$value('origin')" :stored="$stored('origin')" :options="LotWords::answers(Origin::cases())" />
        <div class="field">
            <label for="supplier_id">{{ __('Which supplier, if one of the register') }}</label>
            <select class="form-select" id="supplier_id" name="supplier_id">
                <option value="">–</option>
                @foreach ($suppliers as $supplier)
                    <option value="{{ $supplier->id }}" @selected((int) $value('supplier_id') === $supplier->id)>{{ $supplier->name }} ({{ LotWords::answer($supplier->standing) }})</option>
                @endforeach
            </select>
            <x-meanwhile name="supplier_id" :stored="$stored('supplier_id')" :words="$suppliers->firstWhere('id', $lot?->supplier_id)?->name" />
            <x-fault field="supplier_id" />
            <p class="hint"><a href="{{ route('eyewear.suppliers', $frame->event) }}">{{ __('The register of suppliers') }}</a></p>
        </div>
        @foreach ($kind->questions() as $question)
            @php $name = $question->value; @endphp
            @if ($question === Question::ExpiresOn)
                <x-field :name="$name" type="date" :label="LotWords::question($question)" :value="old($name, $lot?->expires_on?->format('Y-m-d'))" :stored="$lot === null ? null : (string) $lot->expires_on?->format('Y-m-d')" />
            @elseif (LotWords::options($question) === [])
                <div class="field-short"><x-field :name="$name" :label="LotWords::question($question)" :value="$value($name)" :stored="$stored($name)" :hint="LotWords::hint($question, $kind)" inputmode="decimal" /></div>
            @else
                <x-answers :name="$name" :label="LotWords::question($question)" :options="LotWords::options($question)" :value="$value($name)" :stored="$stored($name)" :hint="LotWords::hint($question, $kind)" />
            @endif
        @endforeach
        <button class="btn btn-primary">{{ $lot ? __('Save') : __('See the verdict') }}</button>
    </form>
</x-event-frame>
