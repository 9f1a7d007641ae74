<p><b>{{ $there->place }}</b> <span class="note">{{ $there->way }}</span></p>
<p class="there-answer">{{ $there->headline }}</p>
<p>{{ $there->detail }}@if ($there->isSeen) <a href="{{ route('rules.book', request()->route('event'), false) }}#{{ $there->rule }}">{{ __('The rule') }}</a>@endif</p>
@if ($there->isSeen)
    @can('create', App\Models\Event::class)
        <p><a href="{{ route('events.create', $there->asEvent) }}">{{ __('Plan an event there') }}</a></p>
    @endcan
@endif
