@use('App\Text\RuleWords')
{{-- What the book says in short: the word, what must be so or why not, and the rule. --}}
<span class="verdict-tag verdict-{{ $answer->permission->level()->value }}"><x-verdict-mark :level="$answer->permission->level()" />{{ __($answer->permission->word()) }}</span>
@foreach ($answer->permission === KeenShadow\Core\Rules\Permission::No ? [$answer->reason] : $answer->conditions as $line)
    <span class="line">{{ RuleWords::sentence($line) }}</span>
@endforeach
<a class="line" href="{{ route('rules.book', $event) }}#{{ $answer->rules[0]->id }}">{{ __('The rule') }}</a>
