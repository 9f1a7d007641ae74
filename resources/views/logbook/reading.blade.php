@use('App\Text\LogbookWords')
@use('KeenShadow\Core\Logbook\DateOrder')
@use('KeenShadow\Core\Logbook\Light\Sensor')
{{-- How a logger's file is to be read. --}}
<x-field name="name" :label="__('Name of the instrument')" :value="old('name', $log?->name ?? '')" maxlength="80" />
<x-field name="stood" :label="__('Where it stood')" :value="old('stood', $log?->stood ?? '')" maxlength="120" :hint="__('In shade, a metre and a half above grass, air passing freely: so temperatures can be compared.')" />
<x-field name="zone" :label="__('Zone of its clock')" :value="old('zone', $log?->zone ?? $event->timezone)" list="zones" autocomplete="off" :hint="__('For times that have no zone of their own: UTC, or a place such as Europe/Madrid.')" />
<datalist id="zones">@foreach (array_unique(['UTC', $event->timezone]) as $zone)<option>{{ $zone }}</option>@endforeach</datalist>
<x-field name="ahead" :label="__('By how much its clock was ahead')" :value="old('ahead', $log === null ? '' : App\Text\TypedSpan::write($log->ahead_s))" autocomplete="off" placeholder="0" :hint="__('Compare it with a clock that is right, and write it down: as 90 s, 2:30 or 1:00:00; with a minus where it was behind.')" />
<fieldset class="field" id="date_order">
    <legend>{{ __('Dates such as 3/8/2027') }}</legend>
    <div class="answers">
        @foreach (['' => __('as the file shows'), DateOrder::DayFirst->value => __('day first'), DateOrder::MonthFirst->value => __('month first')] as $order => $words)
            <label><input class="form-check-input" type="radio" name="date_order" value="{{ $order }}" @checked(old('date_order', $log?->date_order?->value ?? '') === $order)>{{ $words }}</label>
        @endforeach
    </div>
    <x-fault field="date_order" />
</fieldset>
<fieldset class="field" id="sensor">
    <legend>{{ __('If it measures light, its face was') }}</legend>
    <div class="answers">
        @foreach (Sensor::cases() as $sensor)
            <label><input class="form-check-input" type="radio" name="sensor" value="{{ $sensor->value }}" @checked(old('sensor', $log?->sensor->value ?? 'flat') === $sensor->value)>{{ LogbookWords::sensor($sensor) }}</label>
        @endforeach
    </div>
    <x-fault field="sensor" />
</fieldset>
