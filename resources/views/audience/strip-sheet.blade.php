@use('App\Drawings\Audience\PhaseStrip')
<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $title }}</title>
    <x-paper-style :margin-mm="12" :size-pt="12" />
    <style>
        td { width: {{ PhaseStrip::PITCH_MM }}mm; padding: 0 0 6mm; }
        img { width: {{ PhaseStrip::PITCH_MM }}mm; height: {{ PhaseStrip::PITCH_MM }}mm; }
        table { width: auto; }
    </style>
</head>
<body>
    <h1>{{ __('The Sun here, to feel') }}</h1>
    <p>{{ $about }}</p>
    @include('audience.strip-words', ['isEmpty' => $rows === []])
    <table>
        @foreach ($rows as $row)
            <tr>@foreach ($row as $disc)<td><img src="{{ $disc['image'] }}" alt=""><br><b>{{ trim($disc['name'] . ' ' . $disc['time']) }}</b><br>{{ $disc['words'] }}</td>@endforeach</tr>
        @endforeach
    </table>
    <div class="scale"></div>
    <p>{{ __('The bar is 100 mm long when printed at 100 %. Rings are 36 mm wide.') }}</p>
</body>
</html>
