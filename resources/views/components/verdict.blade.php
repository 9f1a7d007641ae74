@props(['verdict'])
<section class="verdict verdict-{{ $verdict->level->value }}" aria-label="{{ __('Verdict') }}">
    <x-verdict-mark :level="$verdict->level" />
    <div>
        <p class="verdict-word">{{ __($verdict->word()) }}</p>
        <ul>
            @foreach ($verdict->findings as $finding)
                <li>{{ __($finding->reason) }} <b>{{ __($finding->nextStep) }}</b> <small>{{ __($finding->source->value) }}</small></li>
            @endforeach
        </ul>
    </div>
</section>
