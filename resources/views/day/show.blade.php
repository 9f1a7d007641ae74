@php($leads = $door->writer->leads)
<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}" class="day-page">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ __('The day') }} · {{ $page->event->title }} · Keen Shadow</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body>
@include('day.data')
<main class="day" id="work" x-data="day" data-time="{{ route('day.time', absolute: false) }}" data-leads="{{ $leads ? '1' : '' }}" data-state="before" x-on:keydown.escape.window="seen">
    <div class="day-work">
    <header class="day-head">
        <a href="{{ $door->back }}">{{ $page->event->title }}</a>
        <p class="day-time"><b x-text="time">–</b> <span x-text="zone">{{ $page->zone }}</span></p>
        <p class="day-clock" x-bind:class="clockClass()"><span x-text="clockWords"></span> <span x-cloak x-show="isDrawnIn">{{ __('The times for filters are drawn in by as much.') }}</span></p>
    </header>
    <p class="day-played" x-cloak x-show="isRehearsal()" role="status"><b x-text="speedWords"></b> <button type="button" class="btn btn-quiet" x-on:click="end">{{ __('End the rehearsal') }}</button></p>
    <section class="day-state" aria-live="assertive" x-bind:data-state="state">
        @include('day.shapes')
        <div>
            <h1 x-text="stateName()">{{ $page->event->title }}</h1>
            <p x-text="stateDo()">{{ $page->caution }}</p>
        <p class="day-call" role="alert" x-cloak x-show="callWords" x-text="callWords"></p>
        </div>
    </section>
    @include('day.ask')
    <div class="day-said" role="status">
        <p x-cloak x-show="isSilent">{{ __('No sound yet: browsers wait for a press.') }} <button type="button" class="btn btn-quiet" x-on:click="tryVolume">{{ __('Let it sound') }}</button></p>
        <p x-cloak x-show="message"><b x-text="message"></b> <button type="button" class="btn btn-quiet" x-on:click="seen">{{ __('Seen') }}</button></p>
        <p x-cloak x-show="newPack"><span x-text="newPack"></span> <button type="button" class="btn btn-quiet" x-on:click="seen">{{ __('Seen') }}</button></p>
        <p x-cloak x-show="missed"><span x-text="missed"></span> <button type="button" class="btn btn-quiet" x-on:click="seen">{{ __('Seen') }}</button></p>
        <p x-cloak x-show="isOffered()">{{ __('A rehearsal for all is running.') }} <button type="button" class="btn btn-primary" x-on:click="join">{{ __('Play along') }}</button></p>
    </div>
    <section class="day-next" aria-labelledby="day-next">
        <h2 id="day-next">{{ __('Next') }}</h2>
        <p class="day-count" x-text="count" role="timer" aria-live="off"></p>
        <p class="day-name"><b x-text="next.name"></b> <span x-text="next.time"></span></p>
        <p x-show="next.call">“<span x-text="next.call"></span>”</p>
        <p x-show="next.who" x-text="next.who"></p>
        <ol>
            <template x-for="line in following" x-bind:key="line.id"><li><b x-text="line.time"></b> <span x-text="line.name"></span></li></template>
        </ol>
        <ul class="day-running" aria-label="{{ __('Now') }}">
            <template x-for="line in running" x-bind:key="line.id"><li><b>{{ __('Now') }}:</b> <span x-text="line.name"></span> <span x-text="line.who"></span></li></template>
        </ul>
    </section>
    @include('day.network')
    <div class="day-sun">
    <figure class="day-disc" x-show="hasDisc">
        <svg viewBox="-1.6 -1.6 3.2 3.2" role="img" aria-label="{{ __('The Sun\'s disc now, zenith up') }}">
            <defs><clipPath id="disc-limb"><circle r="1.008"/></clipPath></defs>
            <circle class="day-corona" r="1.3" visibility="hidden" x-ref="corona"/>
            <circle class="disc-sun" r="1" x-ref="sun"/>
            <circle class="disc-moon" r="1" cx="3" clip-path="url(#disc-limb)" x-ref="moon"/>
        </svg>
        <figcaption>{{ __('the Sun now, zenith up') }}</figcaption>
    </figure>
    <x-ribbon :ribbon="$page->ribbon" />
    </div>
    @includeWhen($page->look !== null, 'day.look', ['look' => $page->look])
    @include('day.crew')
    <nav class="day-ways" aria-label="{{ __('Besides') }}">
        <a class="btn btn-quiet" href="{{ $door->may }}">{{ __('May I use this?') }}</a>
        @if ($door->writer->seesAll())
            <a class="btn btn-quiet" href="{{ route('eyewear.index', $page->event) }}">{{ __('Glasses') }}</a>
            <a class="btn btn-quiet" href="{{ route('day.for-all', $page->event) }}">{{ __('Page for everybody') }}</a>
        @endif
    </nav>
    @include('day.log')
    @include('day.settings')
    <section class="day-sheet">
        <details class="folded">
            <summary>{{ __('The whole day') }}</summary>
            <p>{{ $page->event->place_name }} · {{ $page->day }} · {{ __('times in :zone', ['zone' => $page->zone]) }}</p>
            <p class="caution">{{ $page->caution }}</p>
            @include('day.sheet')
        </details>
    </section>
    </div>
    <footer class="day-acts">
        <button type="button" class="btn btn-quiet" x-on:click="openLog" x-bind:aria-expanded="isWriting">{{ __('Log') }}</button>
        <button type="button" class="btn btn-quiet" x-on:click="cloud" x-show="!isClouded()">{{ __('Cloud') }}</button>
        @if ($leads)
            <button type="button" class="btn btn-quiet" x-cloak x-show="isClouded()" x-on:click="clear">{{ __('Clear again') }}</button>
        @endif
        <button type="button" class="btn day-stop" x-on:click="stop" x-show="!isStopped()">{{ __('Stop') }}</button>
        @if ($leads)
            <button type="button" class="btn day-go-on" x-cloak x-show="isStopped()" x-bind:data-held="holding"
                x-on:pointerdown="press" x-on:pointerup="release" x-on:pointerleave="release" x-on:pointercancel="release" x-on:blur="release" x-on:keydown.enter="press" x-on:keydown.space="press" x-on:keyup="release">{{ __('Hold 2 s: go on') }}</button>
        @else
            <p x-cloak x-show="isStopped()">{{ __('An organiser takes it back.') }}</p>
        @endif
    </footer>
</main>
</body>
</html>
