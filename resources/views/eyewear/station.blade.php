@php
    use App\Text\EyewearWords;
    use KeenShadow\Core\Eyewear\EyewearSubject;

    $home = route('eyewear.show', [$event, $page->lot], false);
@endphp
<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ __('Looking over :lot', ['lot' => $page->lot->label]) }} · Keen Shadow</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body>
<script type="application/json" id="station-data">{!! json_encode([
    'url' => $home, 'occasion' => $page->occasion->value, 'checker' => auth()->id(), 'choices' => $page->keys(),
    'words' => [
        'done' => __(':count looked over here'), 'left' => __(':count left in the lot'), 'pace' => __(':seconds s each, about :minutes min for the rest'),
        'sent' => __('All is stored.'), 'sending' => __('Being sent …'), 'refused' => __(':count could not be stored, see below; all others are.'), 'away' => __('No network: :count wait on this device and are sent when it is back. Go on.'), 'signed-out' => __('You are signed out: :count wait on this device. Sign in again; nothing is lost.'),
        'takenBack' => __('Tag :tag is taken back: look at it again.'), 'noneFree' => __('No tags are free: all are looked over, or with others.'), 'noMore' => __('No more tags are here; the next come with the network.'), 'notFree' => __('From tag :tag on nothing is free: it is looked over, or with somebody else.'),
        'elsewhere' => __('This station is open in another tab of this browser: go on there, or close it and load this page again.'), 'notKept' => __('This device cannot keep what you enter: it was not recorded. Use the form of the lot.'),
    ],
], JSON_HEX_TAG | JSON_HEX_AMP | JSON_HEX_APOS | JSON_HEX_QUOT | JSON_THROW_ON_ERROR) !!}</script>
<main class="station" id="work" x-data="station" x-on:keydown.window="press" x-on:online.window="again" x-on:click="unfocus" x-on:visibilitychange.document="awake">
    <header class="station-head">
        <h1>{{ $page->lot->label }}</h1>
        <p>{{ EyewearWords::occasion($page->occasion) }} <x-verdict-tag :subject="EyewearSubject::Lot" :level="$page->lotVerdict->level" :rule="$page->lotVerdict->rule()" /></p>
        <a class="btn btn-quiet" href="{{ $home }}" x-on:click="leave">{{ __('Leave') }}</a>
    </header>
    <section class="station-now" aria-live="polite">
        <p class="station-label">{{ __('Tag') }}</p>
        <p class="station-tag" x-text="tag" x-bind:data-digits="digits()" id="tag"></p>
        <p class="station-said" x-text="said" id="said"></p>
        <p class="station-paused" x-show="isPaused">{{ __('Paused. Nothing is recorded.') }} <kbd>P</kbd></p>
    </section>
    <section class="station-choices" aria-label="{{ __('Found') }}">
        @foreach ($page->choices as $i => $choice)
            <button type="button" @class(['station-choice', 'station-pass' => $choice['fault'] === null]) data-choice="{{ $i }}" x-on:click="choose" x-bind:disabled="isPaused">
                @if ($choice['fault'] === null)
                    <b>{{ __('Nothing found') }}</b> <kbd>{{ __('space') }}</kbd>
                    @if ($page->lot->kind->isForInstruments()) <span>{{ __('held against the Sun, no hole; fixed; finder capped') }}</span> @endif
                @else
                    @include('eyewear.criterion', ['fault' => $choice['fault']])
                    <b>{{ $choice['label'] }}</b> <kbd>{{ $choice['key'] }}</kbd>
                @endif
            </button>
        @endforeach
    </section>
    <footer class="station-foot">
        <p x-text="progress" id="progress"></p>
        <p x-text="network" id="network"></p>
        <p class="station-acts">
            <button type="button" class="btn btn-quiet" x-on:click="undo">{{ __('Take back the last') }} <kbd>U</kbd></button>
            <button type="button" class="btn btn-quiet" x-on:click="pause" x-bind:aria-pressed="isPaused">{{ __('Pause') }} <kbd>P</kbd></button>
            <button type="button" class="btn btn-quiet" x-on:click="sound" x-bind:aria-pressed="hasSound">{{ __('Sound') }} <kbd>S</kbd></button>
        </p>
        <ul class="station-refused">
            <template x-for="each in refused" x-bind:key="each.seq">
                <li>{{ __('Not stored, tag') }} <span x-text="each.words"></span> <button type="button" class="link-button" x-bind:data-seq="each.seq" x-on:click="dismiss">{{ __('I have seen it') }}</button></li>
            </template>
        </ul>
        <details class="folded">
            <summary>{{ __('Tags, others, and how to look') }}</summary>
            <form x-on:submit="jump" class="station-jump">
                <label>{{ __('Begin at tag') }} <input class="form-control" type="number" min="1" max="{{ $page->lot->pairs }}" x-ref="from" name="from"></label>
                <button class="btn btn-quiet">{{ __('Go') }}</button>
                <label>{{ __('Pairs on a tray') }} <select class="form-select" x-ref="size" name="size">@foreach ([25, 50, 100, 200] as $size)<option @selected($size === 50)>{{ $size }}</option>@endforeach</select></label>
            </form>
            <ul>
                <template x-for="each in others" x-bind:key="each.uuid">
                    <li><span x-text="each.words"></span> <button type="button" class="link-button" x-bind:data-uuid="each.uuid" x-on:click="takeOver">{{ __('Free these tags') }}</button></li>
                </template>
            </ul>
            <p>{{ __('Hold it against a bright lamp indoors: nothing but the lamp shows, faintly. Look at both lenses from both sides, then at the frame. The first thing you find is enough.') }}</p>
            <dl class="station-how">
                @foreach ($page->choices as $choice)
                    @if ($choice['fault'] !== null)
                        <div><dt>{{ $choice['label'] }}</dt><dd>{{ __($choice['fault']->finding()->reason) }} {{ __($choice['fault']->finding()->nextStep) }}</dd></div>
                    @endif
                @endforeach
            </dl>
        </details>
    </footer>
</main>
</body>
</html>
