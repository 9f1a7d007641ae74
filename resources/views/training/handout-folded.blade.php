<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $handout->title }}</title>
    <x-paper-style :margin-mm="0" :size-pt="12.5" :box-mm="70" />
    <style>
        .side { position: relative; height: 1mm; page-break-after: always; }
        .side.is-last { page-break-after: auto; }
        .page { position: absolute; top: 0; width: {{ $pageMm }}mm; height: {{ $heightMm }}mm; overflow: hidden; }
        .inner { padding: 10mm; }
        h2 { margin-top: 2mm; }
    </style>
</head>
<body>
    <div class="side">
        <div class="page" style="left: 0"><div class="inner">
            <h2>{{ __('Afterwards: if an eye complains') }}</h2>
            <ul>@foreach ($handout->after as $line)<li>{{ $line }}</li>@endforeach</ul>
            <p>{{ __('A school\'s or a district\'s own rules come first.') }}</p>
        </div></div>
        <div class="page" style="left: {{ $pageMm }}mm"><div class="inner">
            <h1>{{ $handout->title }}</h1>
            <p>{{ $handout->day }}<br>{{ $handout->place }}</p>
            @include('training.times')
            <p class="caution">{{ $handout->filters }}</p>
        </div></div>
    </div>
    <div class="side is-last">
        <div class="page" style="left: 0"><div class="inner">
            <h2>{{ __('Bring along') }}</h2>
            <ul>@foreach ($handout->bring as $line)<li>{{ $line }}</li>@endforeach</ul>
            @if ($handout->policy !== '')<h2>{{ __('How people look here') }}</h2><p>{{ $handout->policy }}</p>@endif
            <h2>{{ __('I drew the Sun at this time:') }}</h2>
            <div class="box"></div>
            <p>{{ __('100 mm, to check the print:') }}</p>
            <div class="scale"></div>
        </div></div>
        <div class="page" style="left: {{ $pageMm }}mm"><div class="inner">
            <h2>{{ __('Never') }}</h2>
            <ul>@foreach ($handout->never as $line)<li>{{ $line }}</li>@endforeach</ul>
        </div></div>
    </div>
</body>
</html>
