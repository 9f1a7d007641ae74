<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>{{ __('For the eye doctor') }}</title>
    <style>
        @page { margin: 16mm; }
        body { font-family: "DejaVu Sans"; font-size: 11pt; color: #000; line-height: 1.35; }
        h1 { font-size: 17pt; margin: 0 0 2mm; }
        h2 { font-size: 13pt; margin: 5mm 0 1mm; }
        p { margin: 0 0 2mm; }
        dt { font-weight: bold; }
        dd { margin: 0 0 1.5mm 6mm; }
        ul { margin: 0; padding-left: 5mm; }
    </style>
</head>
<body>
    <h1>{{ __('For the eye doctor') }}</h1>
    <p>{{ __('Name, filled in by hand') }}: ______________________________________</p>
    <p>{{ __('At an eclipse of the Sun: :place, :day. Told to the organiser :told.', ['place' => $event->place_name, 'day' => App\Text\Days::full($event->eclipse_date), 'told' => $page->told]) }}</p>
    @include('logbook.eye-facts')
    <h2>{{ __('About this sheet') }}</h2>
    <p>{{ __('It holds what was said and what is on record of the filter. Whoever wrote it is no doctor and concludes nothing from it.') }}</p>
</body>
</html>
