<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $handout->title }}</title>
    <x-paper-style :margin-mm="12" :size-pt="16" />
    <style>
        .sign { page-break-after: always; }
        .sign.is-last { page-break-after: auto; }
        .sign h1 { font-size: 44pt; border-bottom: 2mm solid #000; padding-bottom: 3mm; }
        .from { font-size: 14pt; }
    </style>
</head>
<body>
    @forelse ($spots as $spot)
        <div @class(['sign', 'is-last' => $loop->last])>
            <h1>{{ $spot->name }}</h1>
            @if ($spot->place !== null)<p>{{ $spot->place }}</p>@endif
            <ul>@foreach ($spot->cautions as $line)<li>{{ $line }}</li>@endforeach</ul>
            <p class="from">{{ $handout->title }} · {{ $handout->day }}</p>
        </div>
    @empty
        <p>{{ __('No group has a method yet, so there are no stations.') }}</p>
    @endforelse
</body>
</html>
