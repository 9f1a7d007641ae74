@props(['marginMm', 'sizePt', 'boxMm' => 60])
<style>
    @page { margin: {{ $marginMm }}mm; }
    body { margin: 0; font-family: "DejaVu Sans"; font-size: {{ $sizePt }}pt; color: #000; line-height: 1.25; }
    h1 { font-size: 1.5em; margin: 0 0 2mm; line-height: 1.15; }
    h2 { font-size: 1.15em; margin: 3mm 0 1mm; page-break-after: avoid; }
    p { margin: 0 0 1.6mm; }
    ul { margin: 0 0 2mm; padding-left: 5mm; }
    li { margin: 0 0 0.8mm; }
    .caution { border: 0.6mm solid #000; padding: 2mm 3mm; font-weight: bold; }
    table { border-collapse: collapse; width: 100%; }
    td { vertical-align: top; padding: 0.6mm 2mm 0.6mm 0; }
    .time { width: 6em; font-weight: bold; white-space: nowrap; }
    .box { border: 0.3mm solid #000; height: {{ $boxMm }}mm; }
    /* 100 mm over its outer edges. */
    .scale { width: 99.4mm; height: 2mm; border: 0.3mm solid #000; border-top: none; }
</style>
