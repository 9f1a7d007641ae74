@use('App\Text\RuleWords')
<section class="verdict may-answer verdict-{{ $answer->permission->level()->value }}" aria-label="{{ __('Verdict') }}">
    <x-verdict-mark :level="$answer->permission->level()" />
    <div>
        <p class="verdict-word">{{ __($answer->permission->word()) }}</p>
        @if ($answer->conditions !== [])
            <ul class="may-conditions">
                @foreach ($answer->conditions as $condition)
                    <li>{{ RuleWords::sentence($condition) }}</li>
                @endforeach
            </ul>
        @elseif ($answer->reason !== '')
            <p>{{ RuleWords::sentence($answer->reason) }}</p>
        @endif
        <p><b>{{ RuleWords::sentence($answer->do) }}</b></p>
    </div>
</section>
