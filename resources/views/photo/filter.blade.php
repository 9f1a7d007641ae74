<x-event-frame :frame="$frame" room="photo" :title="$page->item->name">
    <x-photo-tabs :event="$frame->event" current="photo.kit" />
    <p class="lead-answer">{{ $page->item->name }}</p>
    <p class="note">{{ $page->about }}. {{ $page->headline }}</p>
    <x-faults />
    <h2 id="checks">{{ __('Held against the Sun') }}</h2>
    @if ($page->checks === [])
        <p>{{ __('Nobody has held it against the Sun yet.') }}</p>
    @else
        <x-table class="align-middle stacks" labelledby="checks">
            @foreach ($page->checks as $row)
                <tr><th scope="row">{{ $row['when'] }}</th><td data-label="{{ __('Seen') }}"><span @class(['fault' => ! $row['isWhole']])>{{ $row['found'] }}</span></td><td data-label="{{ __('By') }}">{{ $row['by'] }}</td></tr>
            @endforeach
        </x-table>
    @endif
    @can('check', $page->item)
        <form method="post" action="{{ route('photo.filter.check', [$frame->event, $page->item]) }}">
            @csrf
            <x-made-from />
            <fieldset class="field" id="none" tabindex="-1">
                <legend>{{ __('Off the camera, against the Sun, at arm\'s length through eclipse glasses: what is seen of it now?') }}</legend>
                <div class="answers">
                    <label><input class="form-check-input" type="checkbox" name="none" value="1" @checked(old('none') === '1')> {{ __('looked for holes, found none') }}</label>
                    @foreach ($page->flaws as $flaw => $words)
                        <label><input class="form-check-input" type="checkbox" name="flaws[]" value="{{ $flaw }}" @checked(in_array($flaw, (array) old('flaws', []), true))> {{ $words }}</label>
                    @endforeach
                </div>
                <x-fault field="none" />
            </fieldset>
            <button class="btn btn-primary">{{ __('Write it down') }}</button>
        </form>
    @endcan
    <h2 id="tests">{{ __('Test shots') }}</h2>
    <p class="note">{{ __('On any clear day before: the whole Sun through this filter. The newest that stands sets Q for every camera with it.') }}</p>
    @if ($page->tests !== [])
        <x-table class="align-middle stacks" labelledby="tests">
            <x-slot:head><th scope="col">{{ __('Taken') }}</th><th scope="col">{{ __('Settings') }}</th><th scope="col" class="is-number">{{ __('Histogram') }}</th><th scope="col" class="is-number">{{ __('Sun high') }}</th><th scope="col" class="is-number">{{ __('Q, Sun overhead') }}</th><th scope="col"><span class="visually-hidden">{{ __('What to do') }}</span></th></x-slot:head>
            @foreach ($page->tests as $row)
                <tr>
                    <th scope="row">{{ $row['when'] }} <span class="meaning">{{ $row['test']->by->name }}{{ $row['test']->remark === null ? '' : ': ' . $row['test']->remark }}</span></th>
                    <td data-label="{{ __('Settings') }}">{{ $row['settings'] }}</td>
                    <td data-label="{{ __('Histogram') }}" class="is-number">{{ $row['at'] }}</td>
                    <td data-label="{{ __('Sun high') }}" class="is-number">{{ $row['altitude'] }}</td>
                    <td data-label="{{ __('Q, Sun overhead') }}" class="is-number">{{ $row['q'] }}</td>
                    <td>@can('check', $page->item)<form method="post" action="{{ route('photo.filter.void', [$frame->event, $page->item, $row['test']]) }}">@csrf<x-made-from /><button class="link-button">{{ __('Take back') }}<span class="visually-hidden"> {{ $row['when'] }}</span></button></form>@endcan</td>
                </tr>
            @endforeach
        </x-table>
    @endif
    @can('check', $page->item)
        <form class="kit-form" method="post" action="{{ route('photo.filter.test', [$frame->event, $page->item]) }}" novalidate>
            @csrf
            <x-made-from />
            <div class="side-by-side">
                <x-field name="taken_at" type="datetime-local" :label="__('Taken, on the clock at :place', ['place' => $frame->event->place_name])" :value="old('taken_at', $page->now)" />
                <x-field name="exposure" :label="__('Exposure, as 1/250')" :value="old('exposure')" />
            </div>
            <div class="side-by-side">
                <x-field name="f_number" :label="__('f-number')" :value="old('f_number')" inputmode="decimal" />
                <x-field name="iso" :label="__('ISO')" :value="old('iso')" inputmode="numeric" />
                <x-field name="percent" :label="__('Disc in the histogram, %')" :value="old('percent', $page->well)" inputmode="decimal" :hint="__(':well where the picture came out well', ['well' => $page->well])" />
            </div>
            <x-field name="remark" :label="__('Remark')" :value="old('remark')" maxlength="300" />
            <button class="btn btn-primary">{{ __('Write down a test shot') }}</button>
        </form>
    @endcan
</x-event-frame>
