{{-- Asks the database nothing, since that may be what broke. --}}
<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ __('Something broke') }} · Keen Shadow</title>
    @vite(['resources/scss/app.scss'])
</head>
<body>
<main class="plain" id="work">
    <p class="lead-answer">{{ __('Something broke on our side.') }}</p>
    <p>{{ __('What was stored before is safe. Go back and try once more; if it happens again, tell whoever runs this server the time: :time UTC.', ['time' => now()->format('Y-m-d H:i:s')]) }}</p>
</main>
</body>
</html>
