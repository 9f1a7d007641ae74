<?php

declare(strict_types=1);

namespace App\Exports\Viewers;

use App\Text\SheetWords;
use KeenShadow\Core\Viewers\Sheet\LineKind;
use KeenShadow\Core\Viewers\Sheet\Note;
use KeenShadow\Core\Viewers\Sheet\Path;
use KeenShadow\Core\Viewers\Sheet\Round;
use KeenShadow\Core\Viewers\Sheet\Template;

/** A template as SVG in its true size, one unit a millimetre, with a line of 100 mm below it. */
final class TemplateSvg
{
    private const RIM_MM = 5.0;
    private const FOOT_MM = 16.0;
    private const LINES = [
        'cut' => 'stroke="#000" stroke-width="0.35"',
        'guide' => 'stroke="#777" stroke-width="0.25" stroke-dasharray="1 1.5"',
    ];

    public static function of(Template $template): string
    {
        $width = max($template->widthMm, 100.0) + 2 * self::RIM_MM;
        $height = $template->heightMm + 2 * self::RIM_MM + self::FOOT_MM;
        $line = $template->heightMm + 8;
        $inside = [
            ...array_map(self::path(...), $template->paths),
            ...array_map(self::round(...), $template->rounds),
            ...array_map(static fn(Note $note): string => self::text(SheetWords::note($note), $note->rightMm, $note->downMm, 'middle'), $template->notes),
            '<path d="M0 ' . self::n($line - 2) . ' v4 M0 ' . self::n($line) . ' h100 m0 -2 v4" fill="none" ' . self::LINES['cut'] . '/>',
            self::text(SheetWords::checkLine(), 0.0, $line + 6, 'start'),
            self::text(SheetWords::part($template->part), 0.0, $line + 10.5, 'start'),
        ];

        return '<?xml version="1.0" encoding="UTF-8"?>' . "\n"
            . sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$smm" height="%2$smm" viewBox="%3$s %3$s %1$s %2$s">', self::n($width), self::n($height), self::n(-self::RIM_MM)) . "\n"
            . '<title>' . self::escaped(SheetWords::part($template->part)) . "</title>\n" . implode("\n", $inside) . "\n</svg>\n";
    }

    private static function path(Path $path): string
    {
        return '<polyline points="' . implode(' ', array_map(static fn(array $p): string => self::n($p[0]) . ',' . self::n($p[1]), $path->points)) . '" fill="none" ' . self::line($path->kind) . '/>';
    }

    private static function round(Round $round): string
    {
        return sprintf('<circle cx="%s" cy="%s" r="%s" fill="none" %s/>', self::n($round->rightMm), self::n($round->downMm), self::n($round->radiusMm), self::line($round->kind));
    }

    private static function line(LineKind $kind): string
    {
        return self::LINES[$kind->value];
    }

    private static function text(string $words, float $right, float $down, string $anchor): string
    {
        return sprintf('<text x="%s" y="%s" font-family="sans-serif" font-size="3.2" text-anchor="%s">%s</text>', self::n($right), self::n($down), $anchor, self::escaped($words));
    }

    private static function escaped(string $words): string
    {
        return htmlspecialchars($words, ENT_XML1 | ENT_QUOTES);
    }

    private static function n(float $number): string
    {
        return (string) (round($number, 3) + 0.0);
    }
}
