@use('App\Text\Numbers')
@php $sum = $page->sum; @endphp
<p class="lead-answer">{{ trans_choice('{0} No pair is needed|{1} 1 pair is needed|[2,*] :count pairs are needed', $sum->needed()) }}</p>
<p>{{ __('60 · :every min / (:look s + :hand s) = :share people share a pair; :people people: :pairs pairs in use and :spares spare.', [
    'every' => Numbers::decimal($sum->everyMin, 1), 'look' => Numbers::decimal($sum->lookS, 0), 'hand' => Numbers::decimal($sum->handS, 0), 'share' => $sum->peoplePerPair(),
    'people' => $sum->people, 'pairs' => $sum->pairs(), 'spares' => $sum->spares(),
]) }} {{ __('A pair for each would be :each.', ['each' => $sum->onePairEach()]) }} <small>{{ __('common practice') }}</small></p>
@if ($sum->missingWith($page->fit) === 0)
    <p>{{ trans_choice('{0} None is fit now, and none is needed.|{1} 1 pair is fit now: it is enough.|[2,*] :count pairs are fit now: they are enough.', $page->fit) }}</p>
@else
    <p><b>{{ trans_choice('{0} No pair is fit now|{1} 1 pair is fit now|[2,*] :count pairs are fit now', $page->fit) }}: {{ trans_choice('{1} 1 is missing.|[2,*] :count are missing.', $sum->missingWith($page->fit)) }}</b></p>
    @if ($page->fit > 0 && $page->fit < $sum->pairs())
        <ul>
            <li>{{ __('With these each looks once every :min min,', ['min' => Numbers::decimal($sum->everyMinWith($page->fit) ?? 0, 1)]) }}</li>
            <li>{{ $sum->lookSWith($page->fit) === null ? __('or there is no time left to look,') : __('or a look lasts :s s,', ['s' => Numbers::decimal($sum->lookSWith($page->fit), 0)]) }}</li>
            <li>{{ trans_choice('{1} or 1 person waits for the next round.|[2,*] or :count people wait for the next round.', $sum->waitingWith($page->fit)) }}</li>
        </ul>
    @endif
@endif
