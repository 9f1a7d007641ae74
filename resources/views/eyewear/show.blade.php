@php use App\Text\EyewearWords; use App\Text\LotWords; use KeenShadow\Core\Rules\Level; use KeenShadow\Core\Eyewear\EyewearSubject; @endphp
<x-event-frame :frame="$frame" room="eyewear" :title="$page->row->lot->label">
    <x-lot-tabs :event="$frame->event" :lot="$page->row->lot" current="eyewear.show" />
    <div class="outdoors">
    <x-faults />
    <p class="lead-answer">{{ $page->row->lot->label }}</p>
    <p>
        {{ trans_choice('{1} 1 pair|[2,*] :count pairs', $page->row->lot->pairs) }}
        @foreach (Level::cases() as $level)
            · {{ __(EyewearSubject::Pair->word($level)) }} {{ $page->row->count($level) }}
        @endforeach
        · {{ __('not inspected') }} {{ $page->row->unchecked() }}
        · {{ LotWords::kind($page->row->lot->kind) }}
        @can('update', $page->row->lot)
            · <a href="{{ route('eyewear.edit', [$frame->event, $page->row->lot]) }}">{{ __('Change the papers') }}</a>
        @endcan
    </p>
    @include('eyewear.occasions', ['occasion' => $page->occasion])
    <p>{{ $page->left }}</p>
    <x-verdict :verdict="$page->row->verdict" />
    @include('eyewear.hold', ['lot' => $page->row->lot, 'event' => $frame->event])

    <h2 id="check">{{ __('Inspect a pair') }}</h2>
    @can('check', $page->row->lot)
        <p><a class="btn btn-primary" href="{{ route('eyewear.station', [$frame->event, $page->row->lot, 'occasion' => $page->occasion->value]) }}">{{ __('Look over one after the other') }}</a></p>
        <p class="note">{{ __('Hold it against a bright lamp indoors: nothing but the lamp shows, faintly. Look at both lenses from both sides, then at the frame. Mark what you find; with nothing marked it is fit.') }}</p>
        @include('eyewear.check-form', ['lot' => $page->row->lot, 'occasion' => $page->occasion, 'tag' => request()->integer('tag') ?: $page->nextTag, 'isOne' => false])
    @else
        <p class="note">{{ __('Only trained checkers may inspect pairs.') }}</p>
    @endcan

    <h2>{{ __('A pair of this lot, not inspected yet') }}</h2>
    <x-permission :frame="$frame" :situation="$page->situation()" />
    <h2>{{ __('Last inspected') }}</h2>
    @if ($page->latest->isEmpty())
        <p class="note">{{ __('None yet. Every pair is inspected, never a sample.') }}</p>
    @else
        @include('eyewear.checks', ['lot' => $page->row->lot, 'occasion' => $page->occasion, 'checks' => $page->latest, 'verdictOf' => $page->verdict(...), 'isSuperseded' => $page->isSuperseded(...)])
    @endif
    </div>
</x-event-frame>
