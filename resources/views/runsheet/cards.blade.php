<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $event->title }}</title>
    <style>
        @page { margin: 0; }
        body { margin: 0; font-family: "DejaVu Sans"; font-size: 9pt; color: #000; line-height: 1; }
        .sheet { position: relative; page-break-after: always; height: 1mm; }
        .sheet.is-last { page-break-after: auto; }
        .card { position: absolute; overflow: hidden; border: 0.1mm dashed #000; }
        .inner { padding: 8mm; }
        h1 { font-size: 14pt; margin: 0 0 1mm; }
        p { margin: 0 0 1.5mm; }
        .filters { border: 0.5mm solid #000; padding: 1mm 2mm; font-weight: bold; }
        table { border-collapse: collapse; }
        td { vertical-align: top; padding: 0.4mm 2mm 0.4mm 0; }
        td { overflow-wrap: anywhere; }
        .time { font-weight: bold; white-space: nowrap; }
        .caution { margin: 0 0 0.8mm; font-size: 8pt; }
    </style>
</head>
<body>
@forelse ($sheets as $sheet)
    <div @class(['sheet', 'is-last' => $loop->last])>
        @foreach ($sheet as $dealt)
            <div class="card" style="left: {{ $places[$loop->index][0] }}mm; top: {{ $places[$loop->index][1] }}mm; width: {{ $widthMm }}mm; height: {{ $heightMm }}mm;">
                <div class="inner">
                    <h1>{{ $dealt['card']->title }}</h1>
                    <p>{{ $about }}@if ($dealt['part'] !== '') · {{ $dealt['part'] }}@endif</p>
                    <p class="filters">{{ $filters }}</p>
                    <table>
                        @foreach ($dealt['card']->lines as $line)
                            <tr><td class="time">{{ $line['time'] }}</td><td>{{ $line['words'] }}</td></tr>
                        @endforeach
                    </table>
                    @foreach ($dealt['card']->cautions as $caution)
                        <p class="caution">· {{ $caution }}</p>
                    @endforeach
                </div>
            </div>
        @endforeach
    </div>
@empty
    <p class="inner">{{ __('Nobody has anything to do yet.') }}</p>
@endforelse
</body>
</html>
