@props(['title', 'event', 'door', 'part', 'data'])
{{-- The page of an exercise: one hand, one thing to do, the way back. Results are kept on the device first and sent when they can be. --}}
<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · {{ $event->title }} · Keen Shadow</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body>
<script type="application/json" id="exercise-data">{!! json_encode($data + [
    'results' => $door->url('results'), 'trainee' => $door->trainee->id(),
    'words' => [
        'sent' => __('Written down.'), 'away' => __('No network: :count results wait on this device and are sent when it is back.'), 'signed-out' => __('You are signed out: :count results wait on this device. Sign in again; nothing is lost.'), 'refused' => __('It could not be stored: :why'), 'notKept' => __('This device cannot keep what you did: it does not count.'),
    ],
], JSON_HEX_TAG | JSON_HEX_AMP | JSON_HEX_APOS | JSON_HEX_QUOT | JSON_THROW_ON_ERROR) !!}</script>
<main class="exercise" id="work" x-data="{{ $part }}" x-on:online.window="sendAgain" {{ $attributes }}>
    <header class="exercise-head">
        <h1>{{ $title }}</h1>
        <a class="btn btn-quiet" href="{{ $door->url('index') }}">{{ __('Leave') }}</a>
    </header>
    {{ $slot }}
    <p class="exercise-network" role="status" x-text="network"></p>
    <noscript><p class="caution">{{ __('This needs a browser with scripts.') }}</p></noscript>
</main>
</body>
</html>
