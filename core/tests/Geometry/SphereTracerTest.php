<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Geometry;

use KeenShadow\Core\Geometry\SphereTracer;
use KeenShadow\Core\Geometry\Vector3;
use PHPUnit\Framework\TestCase;

/** Lines of equal value on a sphere whose course is known: circles of latitude, meridians, small circles anywhere. */
final class SphereTracerTest extends TestCase
{
    private const STEP_RAD = 0.02;

    /** Around a point at a given distance: the whole circle, every point of it on it, once around. */
    public function testACircleIsFollowedAllAround(): void
    {
        foreach ([[0.3, 1.0], [-1.2, 3.1], [M_PI / 2, 0.0], [1.5, -2.0]] as [$lat, $lon]) {
            $middle = Vector3::fromSpherical(1.0, $lon, $lat);
            foreach ([0.1, 0.5, 1.2] as $radius) {
                $value = static fn(Vector3 $p): float => acos(max(-1.0, min(1.0, $p->dot($middle)))) - $radius;
                $tracer = new SphereTracer(self::STEP_RAD);
                $aside = $middle->cross(new Vector3(0.6, 0.0, 0.8))->unit();
                $near = $radius + 0.5 * self::STEP_RAD;
                $start = $tracer->onto($value, $middle->times(cos($near))->plus($aside->times(sin($near))));
                self::assertEqualsWithDelta(0.0, $value($start), 1e-6);
                $line = $tracer->follow($value, static fn(): float => 1.0, $start, 1);
                $length = 0.0;
                foreach ($line as $i => $p) {
                    self::assertEqualsWithDelta(0.0, $value($p), 1e-6);
                    self::assertEqualsWithDelta(1.0, $p->length(), 1e-9);
                    $length += $i === 0 ? 0.0 : $p->minus($line[$i - 1])->length();
                }
                self::assertEqualsWithDelta(2 * M_PI * sin($radius), $length, 1.5 * self::STEP_RAD + 0.01, 'once around');
            }
        }
    }

    /** Up to where something else becomes negative, either way, to a metre or so. */
    public function testALineIsFollowedToItsEnd(): void
    {
        $tracer = new SphereTracer(self::STEP_RAD);
        $latitude = static fn(Vector3 $p): float => $p->latitudeRad() - 0.4;
        $west = static fn(Vector3 $p): float => 0.8 - abs($p->longitudeRad());
        $start = Vector3::fromSpherical(1.0, 0.0, 0.4);
        $ends = [];
        foreach ([1, -1] as $side) {
            $line = $tracer->follow($latitude, $west, $start, $side);
            $end = $line[count($line) - 1];
            self::assertEqualsWithDelta(0.4, $end->latitudeRad(), 1e-6);
            self::assertEqualsWithDelta(0.8, abs($end->longitudeRad()), 1e-5);
            $ends[] = $end->longitudeRad() <=> 0.0;
        }
        self::assertSame([-1, 1], $ends, 'the larger values lie to the right of one way and to the left of the other');
    }

    /** Over a pole, where longitudes turn about, a meridian runs straight on. */
    public function testOverThePole(): void
    {
        $value = static fn(Vector3 $p): float => $p->y;
        $line = (new SphereTracer(self::STEP_RAD))->follow($value, static fn(Vector3 $p): float => $p->z - 0.5, Vector3::fromSpherical(1.0, 0.0, 1.2), -1);
        $other = (new SphereTracer(self::STEP_RAD))->follow($value, static fn(Vector3 $p): float => $p->z - 0.5, Vector3::fromSpherical(1.0, 0.0, 1.2), 1);
        $xs = array_map(static fn(array $l): float => $l[count($l) - 1]->x, [$line, $other]);
        sort($xs);
        self::assertEqualsWithDelta(-sqrt(0.75), $xs[0], 1e-4);
        self::assertEqualsWithDelta(sqrt(0.75), $xs[1], 1e-4);
    }
}
