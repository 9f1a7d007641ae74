<ol class="steps" aria-label="{{ __('What was answered') }}">
    @foreach ($page->steps as $step)
        <li><span>{{ $step['words'] }}</span> <a href="{{ $step['url'] }}">{{ __('Change') }}</a></li>
    @endforeach
    <li class="is-back"><a href="{{ route('rules.may', $frame->event) }}">{{ __('Ask about something else') }}</a></li>
</ol>
