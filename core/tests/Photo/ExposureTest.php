<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Photo;

use KeenShadow\Core\Photo\Bracket;
use KeenShadow\Core\Photo\Dimming;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\Settings;
use KeenShadow\Core\Photo\ShutterStep;
use KeenShadow\Core\Photo\TestShot;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** From the table to the camera: the filter's real Q, dim air, steps and brackets. */
final class ExposureTest extends TestCase
{
    /** Source: common practice, a test shot that came out well at 1/250 s and ISO 100 sets Q; at f/10 it is log₂ 250. Greys are sRGB: half is 21.4 % of white's light, three quarters 52.3 % (IEC 61966-2-1). */
    #[TestWith([0.75, 7.9658])]
    #[TestWith([0.5, 7.9658 - 1.2876])]
    public function testATestShotTellsTheFiltersRealQ(float $at, float $q): void
    {
        self::assertEqualsWithDelta($q, TestShot::q(Settings::of(10, 100), 1 / 250, $at), 0.001);
    }

    /** What a test shot says, exposed for, comes out as that shot did. */
    public function testQLeadsBackToTheExposure(): void
    {
        foreach ([[8.0, 200.0, 0.002], [5.6, 100.0, 0.0001], [22.0, 6400.0, 0.01]] as [$fNumber, $iso, $seconds]) {
            $settings = Settings::of($fNumber, $iso);
            self::assertEqualsWithDelta($seconds, $settings->seconds(TestShot::q($settings, $seconds)), 1e-12);
        }
    }

    #[TestWith([0.99])]
    #[TestWith([0.05])]
    #[TestWith([NAN])]
    public function testABurntOrBlackDiscTellsNothing(float $at): void
    {
        $this->expectException(PhotoException::class);
        TestShot::q(Settings::of(8, 100), 0.01, $at);
    }

    /** Source: air masses of 1.994 at 30° and 5.59 at 10° (Kasten & Young 1989, table; from memory), 0.21 a mass (IES; from memory), by ln 2. */
    #[TestWith([90.0, 0.0])]
    #[TestWith([30.0, 0.301])]
    #[TestWith([10.0, 1.391])]
    public function testLowAirTakesLight(float $altitudeDeg, float $stops): void
    {
        self::assertEqualsWithDelta($stops, Dimming::stops($altitudeDeg), 0.005);
        self::assertEqualsWithDelta($stops + 2, Dimming::stops($altitudeDeg, 2.0), 0.005);
    }

    /** By hand: at 20° air mass 2.904 takes 0.21·1.904/ln 2 = 0.577 stops; what well exposed 1/250 s at f/10 there is as bright as 0.577 stops more overhead. */
    public function testATestShotServesForEveryAltitude(): void
    {
        $settings = Settings::of(10, 100);
        self::assertEqualsWithDelta(log(250, 2) + 0.577, TestShot::overheadQ($settings, 1 / 250, TestShot::WELL, 20.0), 0.002);
        self::assertNull(TestShot::overheadQ($settings, 1 / 250, TestShot::WELL, -1.0));
    }

    public function testASunThatIsDownHasNoExposure(): void
    {
        self::assertNull(Dimming::stops(0.0));
        self::assertNull(Dimming::stops(-5.0, 1.0));
    }

    #[TestWith([1 / 256, '1/250'])]
    #[TestWith([0.0025, '1/400'])]
    #[TestWith([0.32, '0.3'])]
    #[TestWith([5.12, '5'])]
    #[TestWith([1.0, '1'])]
    #[TestWith([1e-6, '1/8000'])]
    #[TestWith([600.0, '30'])]
    public function testTheNearestStep(float $seconds, string $name): void
    {
        self::assertSame($name, ShutterStep::nearest($seconds)->name);
    }

    /** Names go up without a gap, each within an eighth of its time, and no time between is farther than half a step from its own. */
    public function testStepsAreThirdsOfStops(): void
    {
        $names = [];
        for ($seconds = 1 / 8192; $seconds < 33; $seconds *= 1.05) {
            $step = ShutterStep::nearest($seconds);
            $names[$step->name] = $step->seconds;
            self::assertLessThanOrEqual(1 / 6 + 1e-9, abs($step->stopsOver($seconds)));
            $parts = array_map(floatval(...), explode('/', $step->name));
            self::assertEqualsWithDelta($step->seconds, count($parts) === 2 ? $parts[0] / $parts[1] : $parts[0], $step->seconds / 8, $step->name);
        }
        self::assertCount(55, $names);
        self::assertEqualsWithDelta(1.0, ShutterStep::nearest(1.0)->stopsOver(0.5), 1e-12);
    }

    public function testABracketCoversTheCorona(): void
    {
        self::assertSame([7.0, 5.0, 3.0, 1.0], Bracket::covering(7, 1, 2));
        self::assertSame([7.0, 5.25, 3.5, 1.75, 0.0], Bracket::covering(7, 0, 2));
        self::assertSame([-3.0, 0.0], Bracket::covering(-3, 0, 5));
        self::assertSame([3.0], Bracket::covering(3, 3, 1));
    }
}
