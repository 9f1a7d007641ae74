@php use KeenShadow\Core\Viewers\ViewersSubject; @endphp
<x-event-frame :frame="$frame" room="viewers" :title="__('Viewers')">
    <p class="lead-answer">{{ __('Viewers') }}</p>
    <p class="note">{{ __('A hole throws the Sun\'s image on a screen. Nobody looks through the hole: everybody looks at the screen, with the Sun at their back.') }}</p>
    @if ($page->viewers !== [])
        <form method="get" action="{{ route('viewers.compare', $frame->event) }}">
        <x-table class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Viewer') }}</th>
                <th scope="col">{{ __('Build') }}</th>
                <th scope="col" class="is-number">{{ __('To the screen') }}</th>
                <th scope="col" class="is-number">{{ __('Opening') }}</th>
                <th scope="col" class="is-number">{{ __('Image') }}</th>
                <th scope="col" class="is-number">{{ __('Smallest bite') }}</th>
                <th scope="col">{{ __('Picture') }}</th>
                <th scope="col">{{ __('May it be used so?') }}</th>
                <th scope="col" class="is-number">{{ __('Wanted') }}</th>
                <th scope="col">{{ __('Compare') }}</th>
            </x-slot:head>
            @foreach ($page->viewers as $row)
                <tr>
                    <th scope="row"><a href="{{ route('viewers.show', [$frame->event, $row->viewer]) }}">{{ $row->viewer->name }}</a></th>
                    <td data-label="{{ __('Build') }}">{{ $row->build }}</td>
                    <td data-label="{{ __('To the screen') }}" class="is-number">{{ $row->distance }}</td>
                    <td data-label="{{ __('Opening') }}" class="is-number">{{ $row->opening }}</td>
                    <td data-label="{{ __('Image') }}" class="is-number">{{ $row->image }}</td>
                    <td data-label="{{ __('Smallest bite') }}" class="is-number">{{ $row->bite }}</td>
                    <td data-label="{{ __('Picture') }}"><x-verdict-tag :subject="ViewersSubject::Viewer" :level="$row->verdict->level" :rule="$row->verdict->rule()" /></td>
                    <td data-label="{{ __('May it be used so?') }}">@include('viewers.may-tag', ['answer' => $row->answer])</td>
                    <td data-label="{{ __('Wanted') }}" class="is-number">{{ $row->viewer->wanted === 0 ? '–' : $row->viewer->wanted }}</td>
                    <td data-label="{{ __('Compare') }}"><input class="form-check-input" type="checkbox" name="viewers[]" value="{{ $row->viewer->id }}" aria-label="{{ __('Compare :name', ['name' => $row->viewer->name]) }}"></td>
                </tr>
            @endforeach
        </x-table>
        <x-fault field="viewers" />
        <p><button class="btn btn-quiet">{{ __('Compare those ticked, two to four') }}</button></p>
        </form>
    @else
        <p>{{ __('Nothing is designed yet. Say what is at hand, or take anything from the list; then see how large, how soft and how bright the crescent will be here.') }}</p>
    @endif
    <h2 id="start">{{ __('Build something new') }}</h2>
    <x-faults :saves="false" />
    <p class="starting-examples">
        @foreach ($page->examples as $words => $query)
            <a href="{{ route('viewers.index', ['event' => $frame->event, ...$query]) }}#start">{{ $words }}</a>
        @endforeach
    </p>
    <form class="starting" method="get" action="{{ route('viewers.index', $frame->event) }}#start">
        <fieldset class="field">
            <legend>{{ __('What is at hand') }} <span class="meaning">{{ __('nothing ticked: anything') }}</span></legend>
            <div class="starting-things">
                @foreach ($page->things as $thing => $words)
                    <label><input class="form-check-input" type="checkbox" name="things[]" value="{{ $thing }}" @checked(in_array($thing, (array) old('things', $page->chosen), true))>{{ $words }}</label>
                @endforeach
            </div>
        </fieldset>
        <div class="starting-numbers">
            <x-field name="length" :label="__('A length, as “900 mm” or “36 in”')" :value="old('length', request()->query('length'))" />
            <x-field name="people" :label="__('Look at the same time')" :value="old('people', request()->query('people'))" inputmode="numeric" />
            <x-field name="minutes" :label="__('Minutes to build')" :value="old('minutes', request()->query('minutes'))" inputmode="numeric" />
            <button class="btn btn-quiet">{{ __('Show what fits') }}</button>
        </div>
    </form>
    @if ($page->starts === [])
        <p>{{ __('Nothing can be built so. Give more time, or tick more things.') }}</p>
    @else
        <x-table class="align-middle stacks">
            <x-slot:head>
                <th scope="col">{{ __('Build') }}</th>
                <th scope="col" class="is-number">{{ __('At once') }}</th>
                <th scope="col" class="is-number">{{ __('To build') }}</th>
                <th scope="col" class="is-number">{{ __('Image here') }}</th>
                <th scope="col">{{ __('As it begins') }}</th>
            </x-slot:head>
            @foreach ($page->starts as $start)
                <tr>
                    <th scope="row">@can('update', $frame->event)<a href="{{ route('viewers.create', ['event' => $frame->event, ...$start->begin]) }}">{{ $start->name }}</a>@else{{ $start->name }}@endcan <span class="meaning">{{ $start->about }}</span></th>
                    <td data-label="{{ __('At once') }}" class="is-number">{{ $start->atOnce }}</td>
                    <td data-label="{{ __('To build') }}" class="is-number">{{ $start->minutes }}</td>
                    <td data-label="{{ __('Image here') }}" class="is-number">{{ $start->image }}</td>
                    <td data-label="{{ __('As it begins') }}"><x-verdict-tag :subject="ViewersSubject::Viewer" :level="$start->verdict->level" :rule="$start->verdict->rule()" /></td>
                </tr>
            @endforeach
        </x-table>
    @endif
    @can('update', $frame->event)
        <h2 id="file">{{ __('A design from elsewhere') }}</h2>
        <form method="post" action="{{ route('viewers.file.store', $frame->event) }}" enctype="multipart/form-data" novalidate>
            @csrf
            <x-made-from />
            <x-field name="design" type="file" :label="__('A design as JSON')" accept=".json,application/json" :hint="__('As this page and the command line write it; docs/FORMATS.md has the names.')" />
            <button class="btn btn-primary">{{ __('Import') }}</button>
        </form>
    @endcan
</x-event-frame>
