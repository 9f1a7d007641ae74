@props(['verdict'])
@php use App\Text\RuleWords; @endphp
<section class="verdict verdict-{{ $verdict->level->value }}" aria-label="{{ __('Verdict') }}">
    <x-verdict-mark :level="$verdict->level" />
    <div>
        <p class="verdict-word">{{ RuleWords::verdict($verdict) }}</p>
        <ul>
            @foreach ($verdict->findings as $finding)
                <li>{{ RuleWords::reason($finding) }} <b>{{ RuleWords::nextStep($finding) }}</b> <small>{{ __($finding->source->value) }} · <a href="{{ route('rules.book', request()->route('event'), false) }}#{{ $finding->rule }}">{{ __('the rule') }}</a></small></li>
            @endforeach
        </ul>
    </div>
</section>
