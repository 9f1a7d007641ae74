<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $page->event->title }}</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>
<body>
<main class="public" id="work">
    <h1>{{ $page->event->title }}</h1>
    <p>{{ $page->event->place_name }} · {{ $page->day }} · {{ __('times in :zone', ['zone' => $page->zone]) }}</p>
    <x-sky-answer :answer="$page->answer" />
    <x-ribbon :ribbon="$page->ribbon" />
    <h2 id="times">{{ __('When') }}</h2>
    <x-table labelledby="times" class="stacks">
        <x-slot:head>
            <th scope="col">{{ __('What happens') }}</th>
            <th scope="col" class="is-number">{{ __('Local time') }}</th>
            <th scope="col">{{ __('Filters') }}</th>
        </x-slot:head>
        @foreach ($page->contacts as $row)
            <tr @class(['is-down' => ! $row->isUp])>
                <th scope="row">{{ $row->meaning }} <span class="meaning">{{ $row->name }}</span></th>
                <td data-label="{{ __('Local time') }}" class="is-number">@if ($row->isUp)<time datetime="{{ $row->iso }}"><b>{{ $row->localTime }}</b></time> <span class="meaning">{{ $row->uncertainty }}</span>@else{{ __('Sun down') }}@endif</td>
                <td data-label="{{ __('Filters') }}">{{ $page->filters[$row->name] }}</td>
            </tr>
        @endforeach
    </x-table>
    <h2>{{ __('What to bring') }}</h2>
    <ul>
        @foreach ($page->bring as $line)
            <li>{{ $line }}</li>
        @endforeach
    </ul>
    <h2>{{ __('For your eyes') }}</h2>
    @foreach ($page->cautions as $line)
        <p class="caution">{{ $line }}</p>
    @endforeach
    <p class="note">{{ __('Computed for this place. What whoever leads calls out on the day comes before what stands here.') }}</p>
</main>
</body>
</html>
