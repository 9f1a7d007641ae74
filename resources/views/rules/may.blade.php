<x-event-frame :frame="$frame" room="rules" :title="__($page->inquiry->item->name)">
    <div class="may-i">
        <p class="may-title">{{ __('May I use this?') }} <b>{{ __($page->inquiry->item->name) }}</b></p>
        @if ($page->inquiry->next)
            @include('rules.steps')
            <h2 id="question">{{ __($page->inquiry->next->words) }}</h2>
            <ul class="taps is-one" aria-labelledby="question">
                @foreach ($page->choices as $choice)
                    <li><a href="{{ $choice['url'] }}">{{ $choice['words'] }}</a></li>
                @endforeach
            </ul>
        @else
            @include('rules.verdict', ['answer' => $page->inquiry->answer])
            @include('rules.steps')
            @include('rules.reasons', ['answer' => $page->inquiry->answer, 'event' => $frame->event])
            <p class="note">@if ($page->hasNoTotality){{ __('Taken as known: at this place no totality can be used, some of the bright Sun shows all the time.') }} @endif{{ __('Supports your judgement and does not certify. A school\'s or a district\'s own rules come first.') }}</p>
            <button type="button" class="btn btn-quiet" x-data="printPage" x-on:click="print">{{ __('Print as a card (A5)') }}</button>
        @endif
    </div>
</x-event-frame>
