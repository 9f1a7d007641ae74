<?php

declare(strict_types=1);

namespace Tests\Feature\Drawings;

use App\Domain\Logbook\Measured;
use App\Drawings\Event\ShadowRibbon;
use App\Drawings\Logbook\MeasuredCurves;
use App\Models\Logbook\InstrumentLog;
use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Logbook\Series;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use Tests\TestCase;

/** What is drawn under the ribbon, read back by the ribbon's own ends and the labels of the scale. */
final class MeasuredCurvesTest extends TestCase
{
    public function testCurvesAreReadBack(): void
    {
        [$ribbon, $beginS, $endS] = self::ribbon();
        $atS = range($beginS + 600, $endS - 600, 60.0);
        $values = array_map(static fn(float $at): float => 21.37 + sin($at / 1700), $atS);
        [$strip] = MeasuredCurves::of([self::measured(Series::of($atS, $values))], $ribbon)->strips;

        self::assertSame('Temperature, °C', $strip['name']);
        [$top, $bottom] = [$strip['ticks'][count($strip['ticks']) - 1], $strip['ticks'][0]];
        self::assertSame([0.0, 100.0], [$top->at, $bottom->at]);
        $points = explode(' ', $strip['lines'][0]['paths'][0]);
        self::assertCount(count($atS), $points);
        foreach ($points as $i => $point) {
            [$x, $y] = array_map(floatval(...), explode(',', $point));
            self::assertEqualsWithDelta($atS[$i], $beginS + $x / 100 * ($endS - $beginS), 5.0);
            self::assertEqualsWithDelta($values[$i], (float) $top->label - $y / 100 * ((float) $top->label - (float) $bottom->label), 0.02);
        }
    }

    public function testAGapIsAGap(): void
    {
        [$ribbon, $beginS] = self::ribbon();
        $atS = [...range($beginS, $beginS + 1200, 60.0), ...range($beginS + 2400, $beginS + 3600, 60.0)];
        [$strip] = MeasuredCurves::of([self::measured(Series::of($atS, array_fill(0, count($atS), 20.0)))], $ribbon)->strips;

        self::assertSame([21, 21], array_map(static fn(string $path): int => count(explode(' ', $path)), $strip['lines'][0]['paths']));
        self::assertSame([], MeasuredCurves::of([], $ribbon)->strips);
    }

    private static function measured(Series $temperature): Measured
    {
        return new Measured(log: new InstrumentLog(), readings: $temperature->count(), fromS: 0.0, toS: 0.0, curves: ['temperature' => $temperature], drop: null, baseline: null, expectedLight: null, lightFactor: null, clearShare: null);
    }

    /** @return array{ShadowRibbon, float, float} with its ends in seconds */
    private static function ribbon(): array
    {
        $here = LocalEclipse::seenFrom((new EclipseSearch())->onDate('2027-08-02'), Observer::at(36.53, -6.29), new DateTimeZone('Europe/Madrid'), new Ephemeris());
        $ribbon = ShadowRibbon::of($here, [], new DateTimeImmutable('2026-01-01'));

        return [$ribbon, (float) $ribbon->begin->format('U'), (float) $ribbon->end->format('U')];
    }
}
