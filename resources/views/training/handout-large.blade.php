<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $handout->title }}</title>
    <x-paper-style :margin-mm="15" :size-pt="18" />
</head>
<body>
    <h1>{{ $handout->title }}</h1>
    <p>{{ $handout->day }}<br>{{ $handout->place }}</p>
    @include('training.times')
    <p class="caution">{{ $handout->filters }}</p>
    <h2>{{ __('Bring along') }}</h2>
    <ul>@foreach ($handout->bring as $line)<li>{{ $line }}</li>@endforeach</ul>
    @if ($handout->policy !== '')<h2>{{ __('How people look here') }}</h2><p>{{ $handout->policy }}</p>@endif
    <h2>{{ __('Never') }}</h2>
    <ul>@foreach ($handout->never as $line)<li>{{ $line }}</li>@endforeach</ul>
    <h2>{{ __('Afterwards: if an eye complains') }}</h2>
    <ul>@foreach ($handout->after as $line)<li>{{ $line }}</li>@endforeach</ul>
    <p>{{ __('A school\'s or a district\'s own rules come first.') }}</p>
    <div class="scale"></div>
    <p>{{ __('100 mm, to check the print') }}</p>
</body>
</html>
