<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ $handout->title }}</title>
    <x-paper-style :margin-mm="12" :size-pt="11" />
    <style>
        h2 { margin: 2mm 0 0.5mm; }
        p, ul { margin-bottom: 1mm; }
        li { margin: 0; }
        td { padding: 0; }
        .caution { padding: 1mm 2mm; }
    </style>
</head>
<body>
    <p>{{ $organisation }}</p>
    <h1>{{ $handout->title }}</h1>
    <p>{{ __('Dear parents,') }}</p>
    <p>{{ __('on :day the Moon goes in front of the Sun. We watch it together: :place.', ['day' => $handout->day, 'place' => $handout->place]) }}</p>
    @include('training.times')
    <h2>{{ __('How people look') }}</h2>
    <p>{{ $handout->policy === '' ? __('How people look is not decided yet; we write again.') : $handout->policy }}</p>
    <p class="caution">{{ $handout->filters }}</p>
    <p>{{ __('A school\'s or a district\'s own rules come first.') }}</p>
    <h2>{{ __('Please give your child') }}</h2>
    <ul>@foreach ($handout->bring as $line)<li>{{ $line }}</li>@endforeach</ul>
    <h2>{{ __('What never') }}</h2>
    <ul>@foreach ($handout->plain as $line)<li>{{ $line }}</li>@endforeach</ul>
    <p>{{ __('If your child sees worse afterwards:') }} {{ $handout->after[0] }}</p>
    <p>{{ __('My child :line may take part: yes · no', ['line' => '__________________']) }} &nbsp; {{ __('Date and signature:') }} ____________________</p>
    <div class="scale"></div>
    <p>{{ __('100 mm, to check the print') }}</p>
</body>
</html>
