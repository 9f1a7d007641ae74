<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $title }}</title>
    <x-paper-style :margin-mm="12" :size-pt="11.5" />
</head>
<body>
    <h1>{{ __('To be shown') }}</h1>
    <p>{{ $title }}</p>
    @foreach ($demonstrations as $show)
        <h2>{{ $show['name'] }}</h2>
        <p>{{ $show['what'] }}</p>
        <p><b>{{ __('You need') }}:</b> {{ implode(', ', $show['materials']) }}</p>
        <ol>@foreach ($show['steps'] as $step)<li>{{ $step }}</li>@endforeach</ol>
    @endforeach
    <div class="scale"></div>
    <p>{{ __('100 mm, to check the print') }}</p>
</body>
</html>
