@php use App\Text\LotWords; use KeenShadow\Core\Rules\Level; use KeenShadow\Core\Eyewear\EyewearSubject; @endphp
<x-event-frame :frame="$frame" room="eyewear" :title="__('Glasses')">
    <x-eyewear-tabs :event="$frame->event" current="eyewear.index" />
    <p class="lead-answer">{{ __('Glasses') }}</p>
    <x-faults />
    <p class="note">{{ __('Three layers: the papers of each lot, a look through, and every pair before every use. A printed ISO or logo proves nothing. ISO 12312-2 is for the naked eye only, never for telescopes, binoculars or cameras.') }}</p>
    @can('create', App\Models\Eyewear\Lot::class)
        <p><a class="btn btn-primary" href="{{ route('eyewear.create', $frame->event) }}">{{ __('Add a lot') }}</a></p>
    @endcan
    @include('eyewear.occasions')
    @if ($lots === [])
        <p>{{ __('A lot is glasses, viewers or filters bought together from one batch. Enter its papers; the program says what they are worth, and then the pairs are inspected one by one.') }}</p>
    @else
        <x-table class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Lot') }}</th>
                <th scope="col">{{ __('Papers') }}</th>
                <th scope="col" class="is-number">{{ __('Pairs') }}</th>
                @foreach (Level::cases() as $level)
                    <th scope="col" class="is-number">{{ __(EyewearSubject::Pair->word($level)) }}</th>
                @endforeach
                <th scope="col" class="is-number">{{ __('Not inspected') }}</th>
            </x-slot:head>
            @foreach ($lots as $row)
                <tr>
                    <th scope="row"><a href="{{ route('eyewear.show', [$frame->event, $row->lot, 'occasion' => request()->query('occasion')]) }}">{{ $row->lot->label }}</a> <span class="meaning">{{ LotWords::kind($row->lot->kind) }}</span></th>
                    <td data-label="{{ __('Papers') }}"><x-verdict-tag :subject="EyewearSubject::Lot" :level="$row->verdict->level" :rule="$row->verdict->rule()" /></td>
                    <td data-label="{{ __('Pairs') }}" class="is-number">{{ $row->lot->pairs }}</td>
                    @foreach (Level::cases() as $level)
                        <td class="is-number" data-label="{{ __(EyewearSubject::Pair->word($level)) }}">{{ $row->count($level) }}</td>
                    @endforeach
                    <td data-label="{{ __('Not inspected') }}" class="is-number">{{ $row->unchecked() }}@if ($row->again) <span class="meaning">{{ __(':n again', ['n' => $row->again]) }}</span>@endif</td>
                </tr>
            @endforeach
        </x-table>
    @endif
    <h2 id="table">{{ __('The lots as a table') }}</h2>
    <p><a href="{{ route('eyewear.csv', $frame->event) }}">{{ __('Download as CSV') }}</a> <span class="note">{{ __('It comes in again as it went out; the columns are in docs/FORMATS.md.') }}</span></p>
    <p><a href="{{ route('eyewear.checks.csv', $frame->event) }}">{{ __('The record of all inspections as CSV') }}</a></p>
    @can('create', App\Models\Eyewear\Lot::class)
        <form method="post" action="{{ route('eyewear.csv.store', $frame->event) }}" enctype="multipart/form-data" novalidate>
            @csrf
            <x-field name="stock" type="file" :label="__('Lots from a CSV file')" accept=".csv,text/csv" />
            <button class="btn btn-primary">{{ __('Import') }}</button>
        </form>
    @endcan
</x-event-frame>
