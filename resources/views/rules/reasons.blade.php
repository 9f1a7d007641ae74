@use('App\Text\RuleWords')
@if ($answer->mend !== [])
    <h2>{{ __('What would make it allowed') }}</h2>
    <ul>
        @foreach ($answer->mend as $change)
            <li>{{ RuleWords::change($change) }}</li>
        @endforeach
    </ul>
@endif
@if ($answer->dangers !== [])
    <h2>{{ $answer->permission === KeenShadow\Core\Rules\Permission::Yes ? __('What remains at risk') : __('What is at risk') }}</h2>
    <ul>
        @foreach ($answer->dangers as $danger)
            <li>{{ __($danger->words()) }}</li>
        @endforeach
    </ul>
@endif
<h2>{{ __('The rules that bear on it') }}</h2>
<ul class="may-rules">
    @foreach ($answer->rules as $rule)
        <li><a href="{{ route('rules.book', $event) }}#{{ $rule->id }}">{{ RuleWords::sentence($rule->statement) }}</a> <small>{{ __($rule->source->value) }}</small></li>
    @endforeach
</ul>
