@use('App\Text\RuleWords')
<x-event-frame :frame="$frame" room="rules" :title="__('Rule book')">
    <p class="lead-answer">{{ __('Rule book') }}</p>
    <p class="note">{{ __('What no rule allows is not allowed, and what nobody knows never makes a yes. It supports your judgement and does not certify; a school\'s or a district\'s own rules come first.') }} <a href="{{ route('rules.may', $frame->event) }}">{{ __('May I use this?') }}</a></p>
    <nav aria-label="{{ __('Chapters') }}">
        <ul class="book-chapters">
            @foreach (array_keys($chapters) as $chapter)
                <li><a href="#chapter-{{ $loop->iteration }}">{{ __($chapter) }}</a></li>
            @endforeach
            <li><a href="#measures">{{ __('What is measured') }}</a></li>
            <li><a href="#disagreements">{{ __('Where practitioners disagree') }}</a></li>
        </ul>
    </nav>
    @foreach ($chapters as $chapter => $rules)
        <h2 id="chapter-{{ $loop->iteration }}">{{ __($chapter) }}</h2>
        <dl class="book">
            @foreach ($rules as $rule)
                <div id="{{ $rule->id }}">
                    <dt>{{ RuleWords::sentence($rule->statement) }}</dt>
                    <dd>{{ RuleWords::sentence($rule->reason) }} <b>{{ RuleWords::sentence($rule->do) }}</b>
                        <small>{{ __($rule->source->value) }}, {{ __($rule->strength->value) }}@if ($rule->disagreement) · <a href="#{{ $rule->disagreement->value }}">{{ __('where practitioners disagree') }}</a>@endif</small></dd>
                </div>
            @endforeach
        </dl>
    @endforeach
    <h2 id="measures">{{ __('What is measured') }}</h2>
    <p class="note">{{ __('These say whether something works, from the plan, the Sun\'s place and the optics; whether an eye may look is for the rules above.') }}</p>
    <dl class="book">
        @foreach ($measures as $measure)
            <div id="{{ $measure->value }}">
                <dt>{{ RuleWords::sentence($measure->statement()) }}</dt>
                <dd><small>{{ __($measure->source()->value) }}</small></dd>
            </div>
        @endforeach
    </dl>
    <h2 id="disagreements">{{ __('Where practitioners disagree') }}</h2>
    <x-table labelledby="disagreements" class="stacks">
        <x-slot:head><th scope="col">{{ __('Matter') }}</th><th scope="col">{{ __('Schools') }}</th><th scope="col">{{ __('What is done here') }}</th></x-slot:head>
        @foreach ($disagreements as $disagreement)
            <tr id="{{ $disagreement->value }}">
                <th scope="row">{{ RuleWords::sentence($disagreement->matter()) }}</th>
                <td data-label="{{ __('Schools') }}">@foreach ($disagreement->schools() as $school)<span class="line">{{ RuleWords::sentence($school) }}</span>@endforeach</td>
                <td data-label="{{ __('What is done here') }}">{{ RuleWords::sentence($disagreement->choice()) }}</td>
            </tr>
        @endforeach
    </x-table>
</x-event-frame>
