@props(['verdict'])
<section class="verdict verdict-{{ $verdict->level->value }}" aria-label="{{ __('Verdict') }}">
    <x-verdict-mark :level="$verdict->level" />
    <div>
        <p class="verdict-word">{{ __($verdict->word()) }}</p>
        <ul>
            @foreach ($verdict->findings as $finding)
                <li>{{ __($finding->reason, $finding->names) }} <b>{{ __($finding->nextStep, $finding->names) }}</b> <small>{{ __($finding->source->value) }}</small></li>
            @endforeach
        </ul>
    </div>
</section>
