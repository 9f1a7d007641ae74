@use('App\Text\EyewearWords')
{{-- What was found on a pair: the next one of a lot, or one whose record is open. --}}
<form method="post" action="{{ route('eyewear.checks.store', [$frame->event, $lot]) }}" x-data="pairCheck" x-on:keydown="key" x-on:submit="send" x-on:pageshow.window="shownAgain" novalidate>
    @csrf
    <x-made-from />
    <input type="hidden" name="occasion" value="{{ $occasion->value }}">
    @if ($isOne)
        <input type="hidden" name="tag" value="{{ $tag }}">
        <input type="hidden" name="back" value="pair">
    @else
        <div class="field-short"><x-field name="tag" type="number" :label="__('Tag')" :value="old('tag', $tag)" min="1" :max="$lot->pairs" /></div>
    @endif
    <fieldset class="field" id="faults">
        <legend>{{ __('Found') }}</legend>
        <div class="answers">
            @foreach ($lot->kind->faults() as $fault)
                <label>
                    <input class="form-check-input" type="checkbox" name="faults[]" value="{{ $fault->value }}" data-key="{{ EyewearWords::keys($lot->kind)[$fault->value] }}" @checked(in_array($fault->value, (array) old('faults', []), true))>
                    <span>{{ EyewearWords::short($fault) }} <kbd>{{ EyewearWords::keys($lot->kind)[$fault->value] }}</kbd></span>
                </label>
            @endforeach
        </div>
        <x-fault field="faults" />
    </fieldset>
    <button class="btn btn-primary">{{ __('Record') }}</button>
</form>
