@php use App\Text\EyewearWords; use KeenShadow\Core\Eyewear\EyewearSubject; @endphp
{{-- What was entered, with what it means now. --}}
<x-table class="stacks align-middle">
    <x-slot:head>
        <th scope="col" class="is-number">{{ __('Tag') }}</th>
        <th scope="col">{{ __('Verdict') }}</th>
        <th scope="col">{{ __('Found, by whom') }}</th>
        <th scope="col"><span class="visually-hidden">{{ __('Take back') }}</span></th>
    </x-slot:head>
    @foreach ($checks as $check)
        <tr @class(['is-down' => $isSuperseded($check)])>
            <td class="is-number" data-label="{{ __('Tag') }}"><a href="{{ route('eyewear.pair', [$frame->event, $lot, $check->tag]) }}">{{ $check->tag }}</a></td>
            <td>
                @if ($check->is_void)
                    {{ __('taken back') }}
                @else
                    <x-verdict-tag :subject="EyewearSubject::Pair" :level="$verdictOf($check)->level" :rule="$verdictOf($check)->rule()" />
                @endif
            </td>
            <td data-label="{{ __('Found, by whom') }}">
                {{ $check->faults->map(fn ($fault) => EyewearWords::short($fault))->implode(', ') ?: '–' }}
                <span class="meaning">{{ EyewearWords::occasion($check->occasion) }}{{ $check->event_id === $frame->event->id ? '' : ', ' . __('for another event') }}, {{ $check->checker->name }}, <time datetime="{{ $check->checked_at->toIso8601ZuluString() }}">{{ App\Text\Days::inYear($frame->here->local($check->checked_at)) }} {{ $frame->here->local($check->checked_at)->format('H:i') }}</time></span>
            </td>
            <td>
                @can('check', $lot)
                    @if (! $check->is_void && ! $isSuperseded($check))
                        <form method="post" action="{{ route('eyewear.checks.take-back', [$frame->event, $lot, $check]) }}">
                            @csrf
                            <input type="hidden" name="occasion" value="{{ $occasion->value }}">
                            <button class="link-button">{{ __('Take back') }}<span class="visually-hidden"> {{ __('tag :tag', ['tag' => $check->tag]) }}</span></button>
                        </form>
                    @endif
                @endcan
            </td>
        </tr>
    @endforeach
</x-table>
<p class="note">{{ __('Entries are never changed. Taking one back writes a new entry; both stay in the record.') }}</p>
