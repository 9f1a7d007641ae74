<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Sky;

use KeenShadow\Core\Sky\LimbDarkening;
use KeenShadow\Core\Sky\Sunlight;
use PHPUnit\Framework\TestCase;

final class SunlightTest extends TestCase
{
    public function testDirectSunlight(): void
    {
        // Common practice, no source: about 100 000 lx from a high Sun on a clear day, none below the horizon.
        self::assertEqualsWithDelta(100000, Sunlight::directLux(60), 5000);
        self::assertSame(0.0, Sunlight::directLux(-1));
        self::assertLessThan(Sunlight::directLux(10), Sunlight::directLux(5));
    }

    /** The mean over the disc, added up ring by ring, is 1 − u/3; the edge has 1 − u of the middle (Allen, from memory). */
    public function testLimbDarkening(): void
    {
        $sum = 0.0;
        for ($i = 0; $i < 2000; ++$i) {
            $radii = ($i + 0.5) / 2000;
            $sum += LimbDarkening::at($radii) * 2 * $radii / 2000;
        }
        self::assertEqualsWithDelta($sum, LimbDarkening::mean(), 1e-5);
        self::assertEqualsWithDelta(0.8, LimbDarkening::mean(), 1e-12);
        self::assertSame([1.0, 0.0], [LimbDarkening::at(0.0), LimbDarkening::at(1.0)]);
        self::assertEqualsWithDelta(0.4, LimbDarkening::at(0.999999), 0.001);
    }
}
