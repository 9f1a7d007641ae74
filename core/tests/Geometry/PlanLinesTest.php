<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Geometry;

use KeenShadow\Core\Geometry\PlanLines;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Tests\Site\SiteTestCase;

/** Stretches on the plan, as properties that hold for any of them. */
final class PlanLinesTest extends SiteTestCase
{
    protected function setUp(): void
    {
        mt_srand(8);
    }

    /** The nearest of many points laid out along the stretch is no nearer than the answer, and hardly farther. */
    public function testTheDistanceIsThatOfTheNearestPoint(): void
    {
        for ($i = 0; $i < 200; ++$i) {
            [$point, $a, $b] = [self::random(), self::random(), self::random()];
            $laidOut = min(array_map(static fn(int $k): float => $point->distanceM(PlanLines::between($a, $b, $k / 2000)), range(0, 2000)));
            self::assertEqualsWithDelta($laidOut, PlanLines::distanceM($point, $a, $b), $a->distanceM($b) / 2000 + 1e-9);
            self::assertLessThanOrEqual($laidOut + 1e-9, PlanLines::distanceM($point, $a, $b));
            self::assertEqualsWithDelta(PlanLines::distanceM($point, $a, $b), PlanLines::distanceM($point, $b, $a), 1e-9, 'either way round');
        }
        self::assertSame(5.0, PlanLines::distanceM(self::here(3, 4), self::here(), self::here()), 'a stretch without length');
    }

    /** Where two cross, the point lies on both; crossing does not hang on order or direction, and is lost when one is moved away. */
    public function testACrossingLiesOnBoth(): void
    {
        $crossings = 0;
        for ($i = 0; $i < 400; ++$i) {
            [$a, $b, $c, $d] = [self::random(), self::random(), self::random(), self::random()];
            $along = PlanLines::crossing($a, $b, $c, $d);
            self::assertSame($along !== null, PlanLines::cross($c, $d, $b, $a));
            if ($along === null) {
                continue;
            }
            ++$crossings;
            $at = PlanLines::between($a, $b, $along);
            self::assertTrue($along > 0 && $along < 1);
            self::assertEqualsWithDelta(0.0, PlanLines::distanceM($at, $c, $d), 1e-9);
            self::assertEqualsWithDelta(1 - $along, PlanLines::crossing($b, $a, $d, $c), 1e-9);
            self::assertNull(PlanLines::crossing($a, $b, self::here($c->eastM + 500, $c->northM), self::here($d->eastM + 500, $d->northM)));
        }
        self::assertGreaterThan(50, $crossings);
    }

    /** Left of the way there is right of the way back; a third point on the line is on neither side. */
    public function testSides(): void
    {
        self::assertGreaterThan(0, PlanLines::side(self::here(), self::here(10, 0), self::here(5, 1)));
        for ($i = 0; $i < 100; ++$i) {
            [$a, $b, $c] = [self::random(), self::random(), self::random()];
            self::assertEqualsWithDelta(-PlanLines::side($a, $b, $c), PlanLines::side($b, $a, $c), 1e-9);
            self::assertEqualsWithDelta(0.0, PlanLines::side($a, $b, PlanLines::between($a, $b, 0.3)), 1e-9);
            self::assertEqualsWithDelta(abs(PlanLines::side($a, $b, $c)), $a->distanceM($b) * self::fromLine($c, $a, $b), 1e-6, 'base times height');
        }
    }

    /** Distance from the endless line, by turning it onto the north. */
    private static function fromLine(PlanPoint $point, PlanPoint $a, PlanPoint $b): float
    {
        $turn = atan2($b->eastM - $a->eastM, $b->northM - $a->northM);

        return abs(($point->eastM - $a->eastM) * cos($turn) - ($point->northM - $a->northM) * sin($turn));
    }

    private static function random(): PlanPoint
    {
        return new PlanPoint(mt_rand(-5000, 5000) / 100, mt_rand(-5000, 5000) / 100);
    }
}
