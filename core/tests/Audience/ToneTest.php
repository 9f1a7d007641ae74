<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Audience;

use KeenShadow\Core\Audience\Tone;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Equal temperament: an octave is a factor of two, a semitone the twelfth root of it; concert pitch A4 is 440 Hz (ISO 16:1975). */
final class ToneTest extends TestCase
{
    #[TestWith([1.0, 880.0])]
    #[TestWith([1.2, 880.0])]
    #[TestWith([0.5, 440.0])]
    #[TestWith([0.25, 311.127])]
    #[TestWith([1e-9, 220.0])]
    #[TestWith([0.0, 0.0])]
    #[TestWith([-0.1, 0.0])]
    public function testTheLessLightTheLower(float $share, float $hertz): void
    {
        self::assertEqualsWithDelta($hertz, Tone::ofLight($share), 0.001);
    }

    public function testADegreeIsASemitoneFromConcertPitch(): void
    {
        // Three degrees cooler is F#4, 369.994 Hz.
        self::assertEqualsWithDelta(369.994, Tone::WARMTH_HZ * 2 ** (-3 / Tone::DEGREES_AN_OCTAVE), 0.001);
    }
}
