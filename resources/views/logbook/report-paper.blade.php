<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ __('Report') }} · {{ $event->title }}</title>
    <style>
        @page { margin: 15mm; }
        body { font-family: "DejaVu Sans"; font-size: 11pt; color: #000; line-height: 1.35; }
        h1 { font-size: 18pt; margin: 0 0 1mm; }
        h2 { font-size: 13pt; margin: 6mm 0 1mm; page-break-after: avoid; }
        p { margin: 0 0 2mm; }
        ul { margin: 0 0 2mm; padding-left: 5mm; }
        dt { font-weight: bold; }
        dd { margin: 0 0 1mm 6mm; }
        table { width: 100%; border-collapse: collapse; }
        th, td { text-align: left; vertical-align: top; padding: 0.8mm 3mm 0.8mm 0; border-bottom: 0.1mm solid #777; }
        img { width: 100%; }
        .legend { font-size: 9pt; }
        .picture { page-break-inside: avoid; }
        .picture img { width: auto; max-width: 100%; max-height: 110mm; }
        .keeps-lines { white-space: pre-line; }
    </style>
</head>
<body>
    <h1>{{ $event->title }}</h1>
    <p>{{ $event->place_name }} · {{ $day }} · {{ __('times in :zone', ['zone' => $zone]) }}</p>
    @foreach (['summary' => __('In short'), 'went_well' => __('What went well'), 'better' => __('What to do better')] as $field => $name)
        @if ($words->$field !== '')
            <h2>{{ $name }}</h2>
            <p class="keeps-lines">{{ $words->$field }}</p>
        @endif
    @endforeach
    @include('logbook.report-body')
    @foreach ($curves as $curve)
        <h2>{{ $curve['name'] }}</h2>
        <img src="{{ $curve['image'] }}" alt="{{ $curve['name'] }}">
        <p class="legend">{{ $curve['legend'] }}</p>
    @endforeach
    @if ($pictures !== [])
        <h2>{{ __('Pictures') }}</h2>
        @foreach ($pictures as $picture)
            <div class="picture">
                <img src="{{ $picture['image'] }}" alt="{{ $picture['caption'] }}">
                <p class="legend">{{ $picture['caption'] }}</p>
            </div>
        @endforeach
    @endif
</body>
</html>
