<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\SiteException;

/** Points of a plan as people type them: metres east and north with a space between, a semicolon or a new line before the next. */
final class PlanPointsText
{
    /**
     * @return list<PlanPoint>
     *
     * @throws SiteException with what is no point
     */
    public static function read(string $text): array
    {
        $points = [];
        foreach (explode(';', str_replace("\n", ';', $text)) as $pair) {
            if (trim($pair) === '') {
                continue;
            }
            $numbers = array_map(TypedNumber::parse(...), explode(' ', (string) preg_replace('/\s+/', ' ', trim($pair))));
            if (count($numbers) !== 2 || $numbers[0] === null || $numbers[1] === null) {
                throw SiteException::notAPoint(trim($pair));
            }
            $points[] = new PlanPoint($numbers[0], $numbers[1]);
        }

        return $points;
    }

    /** @param list<PlanPoint> $points */
    public static function write(array $points): string
    {
        return implode('; ', array_map(static fn(PlanPoint $p): string => self::metres($p->eastM) . ' ' . self::metres($p->northM), $points));
    }

    /** To the centimetre, as it is typed again. */
    public static function metres(float $metres): string
    {
        return (string) (round($metres, 2) + 0.0);
    }
}
