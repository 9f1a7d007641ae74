@php use App\Text\RuleWords; use KeenShadow\Core\Viewers\ViewersSubject; @endphp
<x-event-frame :frame="$frame" room="viewers" :title="__('Tried out: :name', ['name' => $page->viewer->name])">
    <p class="lead-answer">{{ __('Tried out: :name', ['name' => $page->viewer->name]) }}</p>
    <p class="note">{{ __('On any sunny day the whole Sun tells whether the viewer is what its design says. Measure the width of the bright disc, square across.') }} <a href="{{ route('viewers.show', [$frame->event, $page->viewer]) }}">{{ __('The design') }}</a></p>
    <x-faults />
    @if ($page->trials !== [])
        <x-table class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Day') }}</th>
                <th scope="col" class="is-number">{{ __('Measured') }}</th>
                <th scope="col" class="is-number">{{ __('By the design') }}</th>
                <th scope="col">{{ __('Edge') }}</th>
                <th scope="col">{{ __('It is') }}</th>
                <th scope="col"><span class="visually-hidden">{{ __('What to do') }}</span></th>
            </x-slot:head>
            @foreach ($page->trials as $row)
                <tr>
                    <th scope="row">{{ $row->day }} <span class="meaning">{{ $row->trial->by->name }}{{ $row->trial->remark === null ? '' : ': ' . $row->trial->remark }}</span></th>
                    <td data-label="{{ __('Measured') }}" class="is-number">{{ $row->measured }}</td>
                    <td data-label="{{ __('By the design') }}" class="is-number">{{ $row->predicted }}</td>
                    <td data-label="{{ __('Edge') }}">{{ $row->sharpness }}@if ($row->trial->sha256 !== null) <a href="{{ route('viewers.trials.photo', [$frame->event, $page->viewer, $row->trial]) }}">{{ __('Photo') }}</a>@endif</td>
                    <td data-label="{{ __('It is') }}"><x-verdict-tag :subject="ViewersSubject::Trial" :level="$row->verdict->level" :rule="$row->verdict->rule()" />
                        @foreach ($row->verdict->findings as $finding)<p class="meaning">{{ RuleWords::reason($finding) }}</p>@endforeach</td>
                    <td>
                        @if ($row->corrected !== [])
                            @can('update', $frame->event)<a class="btn btn-quiet" href="{{ route('viewers.create', ['event' => $frame->event, ...$row->corrected]) }}">{{ __('The corrected design') }}</a>@endcan
                        @endif
                        @can('update', $frame->event)
                            <form method="post" action="{{ route('viewers.trials.void', [$frame->event, $page->viewer, $row->trial]) }}">
                                @csrf
                                <x-made-from />
                                <button class="link-button">{{ __('Take back') }}<span class="visually-hidden"> {{ $row->day }}</span></button>
                            </form>
                        @endcan
                    </td>
                </tr>
            @endforeach
        </x-table>
    @else
        <p>{{ __('It has not been tried yet.') }}</p>
    @endif
    @can('update', $frame->event)
        <h2>{{ __('Write down a try') }}</h2>
        <form class="trial-form" method="post" action="{{ route('viewers.trials.store', [$frame->event, $page->viewer]) }}" enctype="multipart/form-data" novalidate>
            @csrf
            <x-made-from />
            <x-field name="tried_on" type="date" :label="__('Day')" :value="old('tried_on', $page->today)" />
            <x-field name="measured_mm" :label="__('Width of the image, mm')" :value="old('measured_mm')" inputmode="decimal" />
            <x-field name="uncertainty_mm" :label="__('Uncertainty of it, mm')" :value="old('uncertainty_mm', $page->usualMm)" inputmode="decimal" />
            <x-field name="tried_distance_mm" :label="__('Distance measured again, mm')" :value="old('tried_distance_mm')" inputmode="decimal" :hint="__('blank: not measured again')" />
            <x-field name="tried_hole_mm" :label="__('Opening measured again, mm')" :value="old('tried_hole_mm')" inputmode="decimal" :hint="__('blank: not measured again')" />
            <div class="field">
                <label for="sharpness">{{ __('The edge of the Sun is') }}</label>
                <select class="form-select" id="sharpness" name="sharpness">@foreach ($page->sharpness as $value => $words)<option value="{{ $value }}" @selected(old('sharpness') === $value)>{{ $words }}</option>@endforeach</select>
                <x-fault field="sharpness" />
            </div>
            <x-field name="remark" :label="__('Remark')" :value="old('remark')" maxlength="300" />
            <x-field name="photo" type="file" :label="__('Photo')" accept="image/jpeg,image/png,image/webp" />
            <button class="btn btn-primary">{{ __('Write it down') }}</button>
        </form>
    @endcan
</x-event-frame>
