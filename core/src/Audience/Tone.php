<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience;

/** Light and warmth as pitches, for those who hear what others see (own judgement): the less light, the lower; none, and it is still. */
final class Tone
{
    /** The whole Sun, two octaves above the lowest tone that a phone's loudspeaker gives well. */
    public const WHOLE_HZ = 880.0;
    private const OCTAVES = 2.0;
    /** As warm as at the begin: concert pitch. */
    public const WARMTH_HZ = 440.0;
    /** A degree is a semitone. */
    public const DEGREES_AN_OCTAVE = 12.0;

    /**
     * @param float $share of the Sun's disc that is left
     *
     * @return float in hertz; 0 where it is still
     */
    public static function ofLight(float $share): float
    {
        return $share <= 0.0 ? 0.0 : self::WHOLE_HZ * 2 ** (-self::OCTAVES * (1 - min(1.0, $share)));
    }
}
