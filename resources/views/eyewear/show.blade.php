@php use App\Text\EyewearWords; use App\Text\LotWords; use KeenShadow\Core\Rules\Level; use KeenShadow\Core\Eyewear\EyewearSubject; @endphp
<x-event-frame :frame="$frame" room="eyewear" :title="$page->row->lot->label">
    <x-lot-tabs :event="$frame->event" :lot="$page->row->lot" current="eyewear.show" />
    <div class="outdoors">
    <x-faults />
    <p class="lead-answer">{{ $page->row->lot->label }}</p>
    <p>
        {{ trans_choice('{1} 1 pair|[2,*] :count pairs', $page->row->lot->pairs) }}
        @foreach (Level::cases() as $level)
            · {{ __(EyewearSubject::Pair->word($level)) }} {{ $page->row->count($level) }}
        @endforeach
        · {{ __('not inspected') }} {{ $page->row->unchecked() }}
        · {{ LotWords::kind($page->row->lot->kind) }}
    </p>
    @include('eyewear.occasions', ['occasion' => $page->occasion])
    <p>{{ $page->left }}</p>
    <x-verdict :verdict="$page->row->verdict" />

    <h2 id="check">{{ __('Inspect a pair') }}</h2>
    @can('check', $page->row->lot)
        <p class="note">{{ __('Hold it against a bright lamp indoors: nothing but the lamp shows, faintly. Look at both lenses from both sides, then at the frame. Mark what you find; with nothing marked it is fit.') }}</p>
        <form method="post" action="{{ route('eyewear.checks.store', [$frame->event, $page->row->lot]) }}" x-data="pairCheck" x-on:keydown="key" x-on:submit="send" x-on:pageshow.window="shownAgain" novalidate>
            @csrf
            <x-made-from />
            <input type="hidden" name="occasion" value="{{ $page->occasion->value }}">
            <div class="field-short"><x-field name="tag" type="number" :label="__('Tag')" :value="old('tag', request()->integer('tag') ?: $page->nextTag)" min="1" :max="$page->row->lot->pairs" /></div>
            <fieldset class="field" id="faults">
                <legend>{{ __('Found') }}</legend>
                <div class="answers">
                    @foreach ($page->row->lot->kind->faults() as $fault)
                        <label>
                            <input class="form-check-input" type="checkbox" name="faults[]" value="{{ $fault->value }}" data-key="{{ EyewearWords::keys($page->row->lot->kind)[$fault->value] }}" @checked(in_array($fault->value, (array) old('faults', []), true))>
                            <span>{{ EyewearWords::short($fault) }} <kbd>{{ EyewearWords::keys($page->row->lot->kind)[$fault->value] }}</kbd></span>
                        </label>
                    @endforeach
                </div>
                <x-fault field="faults" />
            </fieldset>
            <button class="btn btn-primary">{{ __('Record') }}</button>
        </form>
    @else
        <p class="note">{{ __('Only trained checkers may inspect pairs.') }}</p>
    @endcan

    <h2>{{ __('A pair of this lot, not inspected yet') }}</h2>
    <x-permission :frame="$frame" :situation="$page->situation()" />
    <h2>{{ __('Last inspected') }}</h2>
    @if ($page->latest->isEmpty())
        <p class="note">{{ __('None yet. Every pair is inspected, never a sample.') }}</p>
    @else
        <x-table class="stacks align-middle">
            <x-slot:head>
                <th scope="col" class="is-number">{{ __('Tag') }}</th>
                <th scope="col">{{ __('Verdict') }}</th>
                <th scope="col">{{ __('Found, by whom') }}</th>
                <th scope="col"><span class="visually-hidden">{{ __('Take back') }}</span></th>
            </x-slot:head>
            @foreach ($page->latest as $check)
                <tr @class(['is-down' => $page->isSuperseded($check)])>
                    <td class="is-number" data-label="{{ __('Tag') }}">{{ $check->tag }}</td>
                    <td>
                        @if ($check->is_void)
                            {{ __('taken back') }}
                        @else
                            <x-verdict-tag :subject="EyewearSubject::Pair" :level="$page->verdict($check)->level" :rule="$page->verdict($check)->rule()" />
                        @endif
                    </td>
                    <td data-label="{{ __('Found, by whom') }}">
                        {{ $check->faults->map(fn ($fault) => EyewearWords::short($fault))->implode(', ') ?: '–' }}
                        <span class="meaning">{{ EyewearWords::occasion($check->occasion) }}{{ $check->event_id === $frame->event->id ? '' : ', ' . __('for another event') }}, {{ $check->checker->name }}, <time datetime="{{ $check->checked_at->toIso8601ZuluString() }}">{{ App\Text\Days::inYear($frame->here->local($check->checked_at)) }} {{ $frame->here->local($check->checked_at)->format('H:i') }}</time></span>
                    </td>
                    <td>
                        @can('check', $page->row->lot)
                            @if (! $check->is_void && ! $page->isSuperseded($check))
                                <form method="post" action="{{ route('eyewear.checks.take-back', [$frame->event, $page->row->lot, $check]) }}">
                                    @csrf
                                    <input type="hidden" name="occasion" value="{{ $page->occasion->value }}">
                                    <button class="link-button">{{ __('Take back') }}<span class="visually-hidden"> {{ __('tag :tag', ['tag' => $check->tag]) }}</span></button>
                                </form>
                            @endif
                        @endcan
                    </td>
                </tr>
            @endforeach
        </x-table>
        <p class="note">{{ __('Entries are never changed. Taking one back writes a new entry; both stay in the record.') }}</p>
    @endif
    </div>
</x-event-frame>
