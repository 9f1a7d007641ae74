@props(['subject', 'level', 'rule'])
{{-- A verdict in a list; it leads to the rule that decided it. --}}
<a class="verdict-tag verdict-{{ $level->value }}" href="{{ route('rules.book', request()->route('event'), false) }}#{{ $rule }}"><x-verdict-mark :level="$level" />{{ __($subject->word($level)) }}</a>
