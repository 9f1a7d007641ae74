@props(['frame', 'situation', 'throughBanner' => false])
{{-- What the rule book says of using it so at this event: the word, what must be so first or why not, each with its rule. --}}
@php use App\Text\RuleWords; $answer = $frame->answer($situation, $throughBanner); @endphp
<section class="permission" aria-label="{{ __('May it be used so?') }}">
    <p>{{ __('May it be used so?') }} <span class="verdict-tag verdict-{{ $answer->permission->level()->value }}"><x-verdict-mark :level="$answer->permission->level()" />{{ __($answer->permission->word()) }}</span></p>
    @if ($answer->conditions !== [])
        <ul>@foreach ($answer->conditions as $condition)<li>{{ RuleWords::sentence($condition) }}</li>@endforeach</ul>
    @elseif ($answer->permission === KeenShadow\Core\Rules\Permission::No)
        <p>{{ RuleWords::sentence($answer->reason) }} <b>{{ RuleWords::sentence($answer->do) }}</b></p>
    @endif
    <details class="folded">
        <summary>{{ trans_choice('{1} 1 rule bears on it|[2,*] :count rules bear on it', count($answer->rules)) }}</summary>
        <ul class="may-rules">@foreach ($answer->rules as $rule)<li><a href="{{ route('rules.book', $frame->event, false) }}#{{ $rule->id }}">{{ RuleWords::sentence($rule->statement) }}</a></li>@endforeach</ul>
    </details>
</section>
