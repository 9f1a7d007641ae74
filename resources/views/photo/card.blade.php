<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $row->name }}</title>
    <style>
        @page { margin: 6mm; }
        body { margin: 0; font-family: "DejaVu Sans"; font-size: 11pt; color: #000; line-height: 1.15; }
        .side { page-break-after: always; }
        .side.is-last { page-break-after: auto; }
        h1 { font-size: 16pt; margin: 0 0 1mm; }
        h2 { font-size: 12pt; margin: 2mm 0 1mm; }
        p { margin: 0 0 1.5mm; }
        .call { border: 0.8mm solid #000; padding: 1mm 2mm; font-size: 13pt; font-weight: bold; }
        table { border-collapse: collapse; width: 100%; }
        td { vertical-align: top; padding: 0.6mm 0; border-bottom: 0.2mm solid #000; }
        .number { width: 8mm; font-size: 15pt; font-weight: bold; }
        .what { font-size: 13pt; font-weight: bold; }
        .exposures { font-size: 13pt; }
    </style>
</head>
<body>
    <div class="side">
        <h1>{{ $row->name }}</h1>
        @if ($shots->totality !== [])
            <p>f/{{ $fNumber }} · ISO {{ $iso }}@if ($watchedBy !== '') · {{ $watchedBy }}@endif</p>
            <p class="call">{{ __('Filter off on the call, not before :off', ['off' => $shots->off]) }}</p>
            <table>
                @foreach ($shots->totality as $shot)
                    <tr><td class="number">{{ $shot['number'] }}</td><td><span class="what">{{ $shot['name'] }}</span> <span>+{{ $shot['since'] }} s</span><br><span class="exposures">{{ $shot['exposures'] }}</span></td></tr>
                @endforeach
            </table>
            <p>{{ __('After the last picture: filter on, hands off. Look only until “filters on” is called.') }}</p>
            <p class="call">{{ __('Filter on by :on', ['on' => $shots->on]) }}</p>
        @else
            <p class="call">{{ __('The filter stays on all the time.') }}</p>
            <p>{{ $mayStand ? __('Nothing is taken without it.') : __('No picture is planned: it may not stand there so.') }}</p>
        @endif
    </div>
    <div class="side is-last">
        <h1>{{ $row->name }}</h1>
        <p>{{ $row->event->title }} · {{ $day }} · {{ $zone }}</p>
        <p>{{ implode(' · ', array_map(fn ($item) => $item->name, $kit)) }}</p>
        <h2>{{ __('Partial phases, filter on') }}</h2>
        <p>{{ $shots->partialSummary }}</p>
        @if ($shots->clouded !== [])
            <h2>{{ __('Clouded until the last :s s: off not before :off', ['s' => $clear, 'off' => $shots->cloudedOff]) }}</h2>
            <p>@foreach ($shots->clouded as $shot){{ $shot['number'] }} <b>{{ $shot['name'] }}</b> {{ $shot['exposures'] }}. @endforeach{{ __('Filter on by :on.', ['on' => $shots->on]) }}</p>
        @endif
        <h2>{{ __('Before and after') }}</h2>
        <p>{{ __('Hold the filter against the Sun, put it on, tape it; only then point it. Nobody sights through a finder. Afterwards cap it, turn it away, then take the filter off.') }}</p>
    </div>
</body>
</html>
