<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $title }}</title>
    <x-paper-style :margin-mm="12" :size-pt="11" />
    <style>
        td, th { border-bottom: 0.2mm solid #000; padding: 1.2mm 3mm 1.2mm 0; text-align: left; vertical-align: top; }
        tr { page-break-inside: avoid; }
        .name { width: 24%; }
        .duty { width: 20%; }
    </style>
</head>
<body>
    <h1>{{ __('Who has passed what') }}</h1>
    <p>{{ $title }} · {{ __('as of :day', ['day' => $asOf]) }}</p>
    <p>{{ __('It is worked out by the rules as they are today; it does not certify anybody.') }}</p>
    @if ($rows === [])
        <p>{{ __('There are no helpers yet.') }}</p>
    @else
        <p>@foreach ($needs as $task => $asked)<b>{{ $tasks[$task] }}</b>: {{ implode('; ', $asked) }}.@if (! $loop->last)<br>@endif @endforeach</p>
        <table>
            <thead><tr><th class="name">{{ __('Helper') }}</th><th class="duty">{{ __('Duty') }}</th><th>{{ __('Passed, or to do') }}</th></tr></thead>
            @foreach ($rows as $row)
                @foreach ($row['tasks'] as $task => $cell)
                    <tr><td class="name">@if ($loop->first)<b>{{ $row['name'] }}</b>@endif</td><td class="duty">{{ $tasks[$task] }}</td><td>@if ($cell['isPassed'])<b>{{ __('passed') }}</b>@elseif (count($cell['lacking']) === count($needs[$task])){{ __('to do: all of it') }}@else{{ __('to do: :what', ['what' => implode('; ', $cell['lacking'])]) }}@endif</td></tr>
                @endforeach
            @endforeach
        </table>
    @endif
</body>
</html>
