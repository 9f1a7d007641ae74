@props(['subject', 'level'])
<span class="verdict-tag verdict-{{ $level->value }}"><x-verdict-mark :level="$level" />{{ __($subject->word($level)) }}</span>
