@use('App\Text\RuleWords')
<span class="verdict-tag verdict-{{ $answer->permission->level()->value }}"><x-verdict-mark :level="$answer->permission->level()" />{{ __($answer->permission->word()) }}</span>
@forelse ($answer->conditions as $condition)
    <span class="line">{{ RuleWords::sentence($condition) }}</span>
@empty
    <span class="line">{{ RuleWords::sentence($answer->reason) }}</span>
@endforelse
<a class="line" href="{{ route('rules.book', $event) }}#{{ $answer->rules[0]->id }}">{{ __('The rule') }}</a>
