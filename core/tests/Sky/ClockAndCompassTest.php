<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

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
}
