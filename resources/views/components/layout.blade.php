@props(['title', 'isForNobody' => false])
<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Keen Shadow</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body @if ($isForNobody) data-nobody @endif>
<a class="skip" href="#work">{{ __('Skip to the page') }}</a>
<header class="head">
    <a class="head-name" href="{{ auth()->check() ? route('events.index') : route('sign-in') }}">
        <img class="head-mark" src="/mark.svg" alt="">Keen Shadow
    </a>
    @auth
        <span class="head-org">{{ auth()->user()->organisation->name }} · {{ auth()->user()->name }}, {{ __(auth()->user()->role->value) }}</span>
        <form method="post" action="{{ route('sign-out') }}" x-data="leaving" x-on:submit="leave">
            @csrf
            <button class="btn btn-quiet">{{ __('Sign out') }}</button>
        </form>
    @endauth
</header>
@auth
    <p class="waiting" role="status" x-data="waiting" x-text="words" data-checker="{{ auth()->id() }}"
        data-waits="{{ __(':count entries about glasses wait on this device and are being sent.') }}" data-others="{{ __(':count entries of somebody else wait on this device: they are sent when that person signs in here.') }}"></p>
    <p class="waiting" role="status" x-data="daysWaiting" x-text="words" data-maker="user-{{ auth()->id() }}" data-waits="{{ __(':count lines of the day wait on this device and are sent when they can be.') }}"></p>
@endauth
{{ $slot }}
</body>
</html>
