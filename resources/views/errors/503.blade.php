{{-- Asks the database nothing, since that may be what is away. --}}
<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ __('Back in a moment') }} · Keen Shadow</title>
    @vite(['resources/scss/app.scss'])
</head>
<body>
<main class="plain" id="work">
    <p class="lead-answer">{{ __('Back in a moment.') }}</p>
    <p>{{ __('The program is being looked after. What was stored is safe; what you sent last was kept whole or not at all: look, or send it again.') }}</p>
</main>
</body>
</html>
