<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $event->title }}</title>
    <style>
        @page { margin: 12mm; }
        body { font-family: "DejaVu Sans"; font-size: {{ $letterPt }}pt; color: #000; line-height: 1.25; }
        h1 { font-size: 1.6em; margin: 0 0 1mm; }
        h2 { font-size: 1.25em; margin: 5mm 0 1mm; page-break-after: avoid; }
        p { margin: 0 0 3mm; }
        .caution { border: 0.6mm solid #000; padding: 2mm 3mm; font-weight: bold; }
        table { width: 100%; border-collapse: collapse; }
        th, td { text-align: left; vertical-align: top; padding: 1.2mm 1.5mm; border-bottom: 0.2mm solid #000; }
        tr { page-break-inside: avoid; }
        .time, .name { font-weight: bold; }
        .time { white-space: nowrap; }
        .filters td { border: 0.6mm solid #000; }
    </style>
</head>
<body>
    <h1>{{ $event->title }}</h1>
    <p>{{ $event->place_name }} · {{ $day }} · {{ __('times in :zone', ['zone' => $zone]) }}</p>
    <p class="caution">{{ $caution }}</p>
    <table>
        <thead><tr><th>{{ __('Time') }}</th><th>{{ __('Cue') }}</th><th>{{ __('Who, where') }}</th></tr></thead>
        <tbody>
            @foreach ($rows as $row)
                <tr @class(['filters' => $row['isFilters']])>
                    <td class="time">{{ $row['time'] }}</td>
                    <td><span class="name">{{ $row['name'] }}</span> · {{ $row['kind'] }}
                        @if ($row['call'] !== '')<br>“{{ $row['call'] }}”@endif
                        @if ($row['crew'] !== '')<br>{{ $row['crew'] }}@endif
                        @foreach ($row['notes'] as $note)<br><b>! {{ $note }}</b>@endforeach
                    </td>
                    <td>{{ $row['who'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @foreach ($people as $what => $stints)
        <h2>{{ $what }}</h2>
        <table>
            @foreach ($stints as $stint)
                <tr><td class="time">{{ $stint['time'] }}</td><td class="name">{{ $stint['who'] }}</td><td>{{ $stint['where'] }}</td></tr>
            @endforeach
        </table>
    @endforeach
</body>
</html>
