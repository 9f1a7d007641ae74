<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Sky\ClockFace;
use KeenShadow\Core\Sky\Compass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ClockAndCompassTest extends TestCase
{
    /**
     * A clock's face held up against the Sun: the zenith is twelve, and its hands run against the zenith angle.
     *
     * @return iterable<string, array{float, int, bool}>
     */
    public static function faces(): iterable
    {
        yield 'zenith' => [0, 12, false];
        yield 'a hair to the left' => [7, 12, false];
        yield 'half past eleven' => [15, 11, true];
        yield 'left' => [90, 9, false];
        yield 'bottom' => [180, 6, false];
        yield 'right' => [270, 3, false];
        yield 'one' => [330, 1, false];
        yield 'half past twelve' => [345, 12, true];
        yield 'nearly around' => [359.9, 12, false];
    }

    #[DataProvider('faces')]
    public function testClock(float $zenithAngle, int $hour, bool $isHalfPast): void
    {
        $face = ClockFace::at($zenithAngle);

        self::assertSame([$hour, $isHalfPast], [$face->hour, $face->isHalfPast]);
    }

    public function testCompass(): void
    {
        self::assertSame(Compass::N, Compass::nearest(0));
        self::assertSame(Compass::N, Compass::nearest(359));
        self::assertSame(Compass::E, Compass::nearest(95));
        self::assertSame(Compass::WSW, Compass::nearest(247));
        self::assertSame(Compass::NNW, Compass::nearest(337.5));
    }

    /** A property: of the sixteen points none is nearer than the one that is named, and each is named for its own azimuth. */
    public function testTheNearestPointIsNamed(): void
    {
        foreach (Compass::cases() as $i => $point) {
            self::assertSame($point, Compass::nearest($i * 22.5));
        }
        for ($azimuth = 0.0; $azimuth < 360; $azimuth += 0.9) {
            $i = (int) array_search(Compass::nearest($azimuth), Compass::cases(), true);
            self::assertLessThanOrEqual(11.25 + 1e-9, abs(Angle::signedDeg($azimuth - $i * 22.5)), (string) $azimuth);
        }
        // Azimuths are 0 … 360; a hair below nothing or a whole turn is north all the same.
        self::assertSame([Compass::N, Compass::N, Compass::NNW], [Compass::nearest(-0.1), Compass::nearest(360.0), Compass::nearest(-22.5)]);
    }
}
