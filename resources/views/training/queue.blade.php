<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ __('Cards for the queue') }}</title>
    <style>
        @page { margin: 0; }
        body { margin: 0; font-family: "DejaVu Sans"; font-size: 18pt; color: #000; line-height: 1.25; }
        .sheet { position: relative; height: 1mm; page-break-after: always; }
        .sheet.is-last { page-break-after: auto; }
        .card { position: absolute; overflow: hidden; border: 0.1mm dashed #000; }
        .inner { padding: 12mm 10mm; }
        .front { font-size: 22pt; font-weight: bold; }
        .needs { font-size: 12pt; margin-top: 6mm; }
    </style>
</head>
<body>
@forelse ($sheets as $sheet)
    <div class="sheet">
        @foreach ($sheet as $card)
            <div class="card" style="left: {{ $places[$loop->index][0] }}mm; top: {{ $places[$loop->index][1] }}mm; width: {{ $widthMm }}mm; height: {{ $heightMm }}mm;"><div class="inner"><p class="front">{{ $card['question'] }}</p><p class="needs">{{ $card['needs'] }}</p></div></div>
        @endforeach
    </div>
    <div @class(['sheet', 'is-last' => $loop->last])>
        @foreach ($sheet as $card)
            <div class="card" style="left: {{ $places[$backs[$loop->index]][0] }}mm; top: {{ $places[$backs[$loop->index]][1] }}mm; width: {{ $widthMm }}mm; height: {{ $heightMm }}mm;"><div class="inner"><p>{{ $card['answer'] }}</p></div></div>
        @endforeach
    </div>
@empty
    <p style="margin: 15mm">{{ __('There are no cards yet.') }}</p>
@endforelse
</body>
</html>
