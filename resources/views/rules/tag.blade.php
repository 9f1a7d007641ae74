<span class="verdict-tag verdict-{{ $answer->permission->level()->value }}"><x-verdict-mark :level="$answer->permission->level()" />{{ __($answer->permission->word()) }}</span>
@foreach ($answer->conditions as $condition)
    <span class="line">{{ App\Text\RuleWords::sentence($condition) }}</span>
@endforeach
<a class="line" href="{{ route('rules.book', $event) }}#{{ $answer->rules[0]->id }}">{{ __('The rule') }}</a>
