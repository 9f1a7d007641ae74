@use('App\Http\Requests\Logbook\EyeRequest')
@use('App\Text\EyeWords')
@use('App\Text\ObservationWords')
@use('KeenShadow\Core\Logbook\Eyes\EyeSign')
@use('KeenShadow\Core\Logbook\Eyes\WhichEye')
@use('KeenShadow\Core\Logbook\HowLooked')
<x-event-frame :frame="$frame" room="logbook" :title="__('Eyes afterwards')">
    <x-logbook-tabs :event="$frame->event" current="logbook.eyes" />
    <p class="lead-answer">{{ __('Write down what they say, as they say it') }}</p>
    <p class="note">{{ EyeWords::limits() }}</p>
    <x-faults />
    <form method="post" action="{{ $report === null ? route('logbook.eyes.store', $frame->event) : route('logbook.eyes.update', [$frame->event, $report]) }}" novalidate>
        @csrf
        @if ($report !== null)
            @method('put')
        @endif
        <x-made-from :record="$report" />
        <x-field name="called" :label="__('A word by which you know who it is')" :value="old('called', $report?->called ?? '')" maxlength="40" autocomplete="off" :hint="__('No name, of a child least of all: “red cap”, “row 3”. You know yourself how to reach them.')" />
        <fieldset class="field" id="signs">
            <legend>{{ __('What they say') }}</legend>
            <div class="answers">
                @foreach (EyeSign::cases() as $sign)
                    <label><input class="form-check-input" type="checkbox" name="signs[]" value="{{ $sign->value }}" @checked(in_array($sign->value, (array) old('signs', $report?->signs->map(fn ($s) => $s->value)->all() ?? []), true))>{{ EyeWords::sign($sign) }}</label>
                @endforeach
            </div>
            <x-fault field="signs" />
        </fieldset>
        <x-field name="other" :label="__('In their words')" :value="old('other', $report?->other ?? '')" maxlength="500" />
        <fieldset class="field" id="eye">
            <legend>{{ __('Which eye') }}</legend>
            <div class="answers">
                @foreach (WhichEye::cases() as $eye)
                    <label><input class="form-check-input" type="radio" name="eye" value="{{ $eye->value }}" @checked(old('eye', $report?->eye->value ?? '') === $eye->value)>{{ EyeWords::eye($eye) }}</label>
                @endforeach
            </div>
            <x-fault field="eye" />
        </fieldset>
        <x-field name="since" :label="__('Since when')" :value="old('since', $report?->since ?? '')" maxlength="120" />
        <fieldset class="field" id="method">
            <legend>{{ __('How they looked') }}</legend>
            <div class="answers">
                @foreach (HowLooked::cases() as $how)
                    <label><input class="form-check-input" type="radio" name="method" value="{{ $how->value }}" @checked(old('method', $report?->method->value ?? '') === $how->value)>{{ ObservationWords::howLooked($how) }}</label>
                @endforeach
            </div>
            <x-fault field="method" />
        </fieldset>
        <x-field name="looked" :label="__('For how long, how often')" :value="old('looked', $report?->looked ?? '')" maxlength="200" />
        <x-field name="looked_at" :label="__('At what time, on the clock there')" :value="old('looked_at', $report?->looked_at === null ? '' : $here->local($report->looked_at)->format('H:i'))" placeholder="20:31" autocomplete="off" />
        <x-choose name="lot_id" :label="__('Through glasses or a filter of')" :options="$lots" :value="(string) old('lot_id', $report?->lot_id ?? '')" />
        <x-field name="tag" :label="__('Number of the pair')" :value="old('tag', $report?->tag ?? '')" inputmode="numeric" autocomplete="off" />
        <fieldset class="field" id="kept_days">
            <legend>{{ __('Deleted after') }}</legend>
            <div class="answers">
                @foreach (EyeRequest::KEPT_DAYS as $days)
                    <label><input class="form-check-input" type="radio" name="kept_days" value="{{ $days }}" @checked((string) old('kept_days', $report === null ? 90 : (string) (int) $report->told_at->startOfDay()->diffInDays($report->delete_on)) === (string) $days)>{{ trans_choice('{1} 1 day|[2,*] :count days', $days) }}</label>
                @endforeach
            </div>
            <x-fault field="kept_days" />
        </fieldset>
        <button class="btn btn-primary">{{ __('Save') }}</button>
        <a class="btn btn-quiet" href="{{ route('logbook.eyes', $frame->event) }}">{{ __('Back') }}</a>
    </form>
</x-event-frame>
