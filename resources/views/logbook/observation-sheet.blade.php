<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $name }} · {{ $event->title }}</title>
    <style>
        @page { margin: 14mm; }
        body { font-family: "DejaVu Sans"; font-size: 11pt; color: #000; line-height: 1.25; }
        h1 { font-size: 17pt; margin: 0 0 1mm; }
        p { margin: 0 0 2mm; }
        table { width: 100%; border-collapse: collapse; }
        th, td { border: 0.2mm solid #000; padding: 0 2mm; height: 7.4mm; text-align: left; vertical-align: middle; }
        thead { display: table-header-group; }
        .narrow { width: 24mm; }
        .line { border-bottom: 0.2mm solid #000; display: inline-block; width: 70mm; }
    </style>
</head>
<body>
    <h1>{{ $name }}@if ($unit !== ''), {{ $unit }}@endif</h1>
    <p>{{ $event->title }} · {{ $event->place_name }} · {{ $day }} · {{ __('times in :zone', ['zone' => $zone]) }}</p>
    <p>{{ $how }}</p>
    <p><b>{{ implode(' · ', $contacts) }}</b></p>
    <p>{{ __('Observed by') }}: <span class="line">&nbsp;</span> {{ __('clock right to') }}: ± ____ s</p>
    <table>
        <thead><tr><th class="narrow">{{ __('Time') }}</th><th class="narrow">{{ __('Covered') }}</th>@if ($unit !== '')<th class="narrow">{{ $unit }}</th>@endif<th>{{ __('In words') }}</th></tr></thead>
        <tbody>
            @foreach ($lines as $line)
                <tr><td class="narrow">{{ $line['time'] }}</td><td class="narrow">{{ $line['covered'] }}</td>@if ($unit !== '')<td class="narrow"></td>@endif<td></td></tr>
            @endforeach
        </tbody>
    </table>
    <p>{{ __('Nobody looks at the Sun without a filter to write this down.') }}</p>
</body>
</html>
