<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Site;

use DateTimeImmutable;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SolarEclipse;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Sky\SunTrack;
use PHPUnit\Framework\TestCase;

/** Plans, places and Suns to begin from. */
abstract class SiteTestCase extends TestCase
{
    /** @var array<string, SolarEclipse> found once for all tests */
    private static array $eclipses = [];

    protected static function eclipse(string $date): SolarEclipse
    {
        return self::$eclipses[$date] ??= (new EclipseSearch())->onDate($date);
    }

    protected static function track(string $date, string $begin, string $end): SunTrack
    {
        return SunTrack::over(self::eclipse($date), Observer::at(36.5297, -6.2926, 10), new DateTimeImmutable("{$date}T{$begin}Z"), new DateTimeImmutable("{$date}T{$end}Z"));
    }

    protected static function sun(float $azimuthDeg, float $altitudeDeg): SunPosition
    {
        return new SunPosition(2461620.0, $azimuthDeg, $altitudeDeg, 0.2625, 0.5);
    }

    /** @param list<array{float, float}> $points metres east and north */
    protected static function thing(ThingKind $kind, array $points, ?float $heightM = null, float $radiusM = 0.0, string $name = 'it', ?float $sillM = null): Thing
    {
        return Thing::of($kind, $name, array_map(static fn(array $p): PlanPoint => new PlanPoint($p[0], $p[1]), $points), $heightM, $radiusM, $sillM);
    }

    protected static function plan(Thing ...$things): SitePlan
    {
        return SitePlan::of(array_values($things), HorizonProfile::level(), 0.0);
    }

    protected static function here(float $east = 0.0, float $north = 0.0): PlanPoint
    {
        return new PlanPoint($east, $north);
    }

    /** @return list<string> each with what it names */
    protected static function reasons(Verdict $verdict): array
    {
        return array_map(static fn(Finding $f): string => trim($f->reason . ' ' . implode(', ', array_map(
            static fn(string|float|array|null $value): string => match (true) {
                $value === null => 'the horizon',
                is_float($value) => sprintf('%.1f', $value),
                default => implode(', ', (array) $value),
            },
            $f->values,
        ))), $verdict->findings);
    }
}
