<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Site;

use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\Skyline\DiscVisibility;
use KeenShadow\Core\Site\Skyline\Skyline;
use KeenShadow\Core\Sky\SunPosition;

/** How much of the disc is clear, and how far from it the nearest thing is, against a disc laid out in dots. */
final class SamplerTest extends SiteTestCase
{
    private const RADIUS_DEG = 0.2625;

    /** A wall that ends just beside the Sun is as near as its edge, not as its top under the Sun. */
    public function testAWallJustBesideTheSun(): void
    {
        // Seen 40 m to the north, the gym's east end stands at azimuth 0.4° and rises to 11.3°; east of it is nothing.
        $gym = self::thing(ThingKind::Wall, [[-30, 40], [40 * tan(deg2rad(0.4)), 40]], 9.5, name: 'gym');
        $skyline = Skyline::from(self::here(), 1.5, [$gym], HorizonProfile::level());
        $clearance = $skyline->clearance(self::sun(0.8, 9.7));
        self::assertSame('gym', $clearance->by);
        self::assertEqualsWithDelta(0.4 * cos(deg2rad(9.7)), $clearance->deg, 0.002);
        self::assertSame(DiscVisibility::Clear, $clearance->visibility(self::RADIUS_DEG));
        self::assertSame(DiscVisibility::Partly, $skyline->visibilityOf(self::sun(0.5, 9.7)));
        // The other way the sky is free down to the sea.
        self::assertEqualsWithDelta(9.7, $skyline->clearance(self::sun(20, 9.7))->deg, 0.001);
    }

    public function testAThinMastIsNamed(): void
    {
        // 8 cm at 60 m: 0.08° wide, less than a sixth of the disc.
        $mast = self::thing(ThingKind::Wall, [[-0.04, -60], [0.04, -60]], 40, name: 'mast');
        $skyline = Skyline::from(self::here(), 1.5, [$mast], HorizonProfile::level());
        foreach ([180.0, 179.8, 180.2, 180.28, 179.72] as $azimuth) {
            self::assertSame([DiscVisibility::Partly, 'mast'], [$skyline->visibilityOf(self::sun($azimuth, 20)), $skyline->boundBefore(self::sun($azimuth, 20))], (string) $azimuth);
        }
        self::assertSame(DiscVisibility::Clear, $skyline->visibilityOf(self::sun(180.4, 20)));
    }

    public function testAWallExactlyToTheNorthStandsThere(): void
    {
        foreach ([0.0, 1e-15, -1e-15] as $east) {
            $wall = self::thing(ThingKind::Wall, [[$east, 10], [20, 10]], 6, name: 'wall');
            $skyline = Skyline::from(self::here(), 1.5, [$wall], HorizonProfile::level());
            self::assertGreaterThan(20, $skyline->altitudeDegAt(0.001));
            self::assertSame(DiscVisibility::Hidden, $skyline->visibilityOf(self::sun(1, 10)));
            self::assertSame(DiscVisibility::Partly, $skyline->visibilityOf(self::sun(0, 10)));
            self::assertSame(DiscVisibility::Partly, $skyline->visibilityOf(self::sun(359.9, 10)));
        }
    }

    /**
     * A property: the disc as 1 500 dots, each above or below the skyline at its own azimuth. Where all are free, or none,
     * or some, the sampler says so; a difference is allowed only where the edge lies within a hair of the limb.
     */
    public function testTheSightIsThatOfTheDiscsDots(): void
    {
        mt_srand(81);
        $seen = [DiscVisibility::Clear->value => 0, DiscVisibility::Partly->value => 0, DiscVisibility::Hidden->value => 0];
        for ($i = 0; $i < 900; ++$i) {
            $things = array_map(static fn(int $k): Thing => self::randomThing($k), range(1, 4));
            $horizon = $i % 3 === 0 ? HorizonProfile::of(array_map(static fn(int $k): array => [$k * 24, mt_rand(-10, 90) / 10], range(0, 14))) : HorizonProfile::level();
            $skyline = Skyline::from(self::here(), 1.5, $things, $horizon);
            // Half of the Suns are set near to an edge, where it matters.
            $azimuth = mt_rand(0, 3599) / 10;
            $sun = self::sun($azimuth, $i % 2 === 0 ? mt_rand(0, 700) / 10 : max(0.0, $skyline->altitudeDegAt($azimuth)) + mt_rand(-60, 60) / 100);
            $visibility = $skyline->visibilityOf($sun);
            $inner = self::dots($skyline, $sun, 0.97);
            $outer = self::dots($skyline, $sun, 1.03);
            $allowed = match (true) {
                $outer === 1.0 => [DiscVisibility::Clear],
                $outer === 0.0 => [DiscVisibility::Hidden],
                $inner === 1.0 => [DiscVisibility::Clear, DiscVisibility::Partly],
                $inner === 0.0 => [DiscVisibility::Hidden, DiscVisibility::Partly],
                default => [DiscVisibility::Partly],
            };
            self::assertContains($visibility, $allowed, "case {$i}: azimuth {$sun->azimuthDeg}, altitude {$sun->altitudeDeg}");
            ++$seen[$visibility->value];
            // The quick answer and the measured way agree.
            self::assertSame($visibility, $skyline->clearance($sun)->visibility($sun->semidiameterDeg), "case {$i}");
        }
        self::assertGreaterThan(60, min($seen), 'all three come up');
    }

    private static function randomThing(int $k): Thing
    {
        do {
            [$x, $y] = [mt_rand(-60, 60), mt_rand(-60, 60)];
        } while (hypot($x, $y) < 8);

        return $k % 2 === 0
            ? self::thing(ThingKind::Tree, [[$x, $y]], mt_rand(3, 15), 1.5, "tree {$k}")
            : self::thing(ThingKind::Wall, [[$x, $y], [$x + mt_rand(-5, 5) + 0.3, $y + mt_rand(-5, 5) + 0.3]], mt_rand(3, 15), name: "wall {$k}");
    }

    /** The free share of a disc of so many of the Sun's radii, laid out in dots. */
    private static function dots(Skyline $skyline, SunPosition $sun, float $radii): float
    {
        $free = $all = 0;
        for ($ring = 0; $ring <= 14; ++$ring) {
            for ($spoke = 0; $spoke < 108; ++$spoke) {
                $r = self::RADIUS_DEG * $radii * $ring / 14;
                $turn = deg2rad($spoke * 360 / 108);
                $altitude = $sun->altitudeDeg + $r * cos($turn);
                ++$all;
                $free += $altitude > $skyline->altitudeDegAt($sun->azimuthDeg + $r * sin($turn) / cos(deg2rad($altitude))) ? 1 : 0;
            }
        }

        return $free / $all;
    }
}
