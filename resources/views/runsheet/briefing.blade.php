<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $event->title }}</title>
    <style>
        @page { margin: 14mm; }
        body { font-family: "DejaVu Sans"; font-size: 11pt; color: #000; line-height: 1.3; }
        h1 { font-size: 17pt; margin: 0 0 1mm; }
        h2 { font-size: 13pt; margin: 5mm 0 1mm; page-break-after: avoid; }
        p { margin: 0 0 2mm; }
        ul { margin: 0 0 2mm; padding-left: 5mm; }
        .caution { border: 0.6mm solid #000; padding: 2mm 3mm; font-weight: bold; }
        .station { page-break-inside: avoid; border-top: 0.2mm solid #000; padding-top: 1.5mm; }
        table { width: 100%; border-collapse: collapse; }
        td { vertical-align: top; padding: 0.8mm 2mm 0.8mm 0; }
        .time { white-space: nowrap; font-weight: bold; }
    </style>
</head>
<body>
    <h1>{{ __('Briefing') }}: {{ $event->title }}</h1>
    <p>{{ $event->place_name }} · {{ $day }} · {{ __('times in :zone', ['zone' => $zone]) }}</p>
    <p class="caution">{{ $caution }}</p>
    <h2>{{ __('For everybody') }}</h2>
    <ul>@foreach ($rules as $rule)<li>{{ $rule }}</li>@endforeach</ul>
    <p>{{ __('The rules of the place, and whoever answers for it, come first. When “stop” is called: filters on, nobody looks, everybody waits.') }}</p>
    @if ($calls !== [])
        <h2>{{ __('What is called out') }}</h2>
        <table>
            @foreach ($calls as $call)
                <tr><td class="time">{{ $call['time'] }}</td><td><b>{{ $call['name'] }}</b>@if ($call['call'] !== '') “{{ $call['call'] }}”@endif</td></tr>
            @endforeach
        </table>
    @endif
    @if ($stations !== [])
        <h2>{{ __('Who is where') }}</h2>
        @foreach ($stations as $station)
            <div class="station">
                <p><b>{{ $station['name'] }}</b></p>
                @if ($station['crew'] !== [])<p>{{ __('Crew') }}: {{ implode('; ', $station['crew']) }}</p>@endif
                @if ($station['groups'] !== [])<p>{{ __('Groups') }}: {{ implode('; ', $station['groups']) }}</p>@endif
                @if ($station['cautions'] !== [])<ul>@foreach ($station['cautions'] as $one)<li>{{ $one }}</li>@endforeach</ul>@endif
            </div>
        @endforeach
    @endif
</body>
</html>
