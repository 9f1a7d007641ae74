<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $handout->title }}</title>
    <x-paper-style :margin-mm="14" :size-pt="14" />
</head>
<body>
    <h1>{{ $handout->title }}</h1>
    <p>{{ $handout->day }}. {{ $handout->place }}.</p>
    <p>{{ __('The Moon goes in front of the Sun.') }}</p>
    <table>@foreach ($handout->contacts as $contact)<tr><td class="time">{{ $contact['time'] }}</td><td>{{ $contact['name'] }}</td></tr>@endforeach</table>
    <p>{{ $handout->direction }}</p>
    <p class="caution">{{ $handout->filters }}</p>
    <h2>{{ __('Never') }}</h2>
    <ul>@foreach ($handout->plain as $line)<li>{{ $line }}</li>@endforeach</ul>
    <h2>{{ __('Bring along') }}</h2>
    <ul>@foreach ($handout->bring as $line)<li>{{ $line }}</li>@endforeach</ul>
    <div class="scale"></div>
    <p>{{ __('100 mm, to check the print') }}</p>
</body>
</html>
