@props(['frame', 'room', 'title' => null])
<x-layout :title="($title ? $title . ' · ' : '') . $frame->event->title">
    <div class="event-head">
        <h1>{{ $frame->event->title }}</h1>
        <p>
            {{ $frame->event->place_name }} · {{ App\Text\Days::full($frame->here->local($frame->here->circumstances->maximum->time())) }} · {{ __('times in :zone', ['zone' => $frame->clock->zone()]) }}
            @can('update', $frame->event)
                <span class="change">· <a href="{{ route('events.edit', $frame->event) }}">{{ __('Change') }}</a></span>
            @endcan
        </p>
        <a class="may-link" href="{{ route('rules.may', $frame->event) }}" @if ($room === 'rules') aria-current="page" @endif>{{ __('May I use this?') }}</a>
    </div>
    @isset($axis)
        {{-- What stands under the ribbon on its scale grows with it. --}}
        <div {{ $axis->attributes->class('axis') }}>
            <div class="axis-scale" data-scale>
                <x-ribbon :ribbon="$frame->ribbon" />
                {{ $axis }}
            </div>
        </div>
    @else
        <x-ribbon :ribbon="$frame->ribbon" />
    @endisset
    <div class="frame">
        <nav class="stages" aria-label="{{ __('Stages of the work') }}">
            <ol>
                @foreach ($frame->rooms as $status)
                    <li>
                        <a href="{{ $status->url }}" @if ($status->room === $room) aria-current="page" @endif>
                            <b>{{ $status->title }}</b>
                            <span>{{ $status->toDo }}</span>
                        </a>
                    </li>
                @endforeach
            </ol>
        </nav>
        <main class="work" id="work">
            <x-status />
            {{ $slot }}
        </main>
    </div>
</x-layout>
