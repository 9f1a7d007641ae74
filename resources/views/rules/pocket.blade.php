<x-layout :title="__('May I use this?') . ' · ' . $event->title">
    <main class="work pocket" id="work">
        <h1>{{ __('May I use this?') }}</h1>
        <p>{{ $event->title }} · <a href="{{ $back }}">{{ __('The day') }}</a></p>
        <p class="note">{{ __('Every way to an answer of the rule book, to be read without a network.') }} @if ($book->hasNoTotality){{ __('Taken as known: at this place no totality can be used, some of the bright Sun shows all the time.') }} @endif{{ __('Supports your judgement and does not certify. A school\'s or a district\'s own rules come first.') }}</p>
        @foreach ($book->groups as $group => $nodes)
            <h2>{{ __($group) }}</h2>
            @foreach ($nodes as $node)
                @include('rules.pocket-node')
            @endforeach
        @endforeach
    </main>
</x-layout>
