<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** A picture of the whole Sun through a filter, days before: it tells how bright the Sun really is through that one. */
final class TestShot
{
    /** Where in the histogram the disc of a picture that came out well stands, 0 black and 1 white (own judgement). */
    public const WELL = 0.75;
    /** Darker it is noise, brighter it is burnt out: nothing can be told. */
    public const TELLS = [0.1, 0.95];

    /**
     * The real Q of the filter.
     *
     * @param float $at where the hump of the disc stands in the histogram
     *
     * @throws PhotoException when a number is out of range
     */
    public static function q(Settings $settings, float $seconds, float $at = self::WELL): float
    {
        PhotoException::within(Measure::Histogram->value, $at, ...self::TELLS);

        return $settings->q(Measure::Exposure->checked($seconds)) + log(self::light($at) / self::light(self::WELL), 2);
    }

    /**
     * What it would be with the Sun overhead, so that it serves for every other altitude.
     *
     * @param float $at as above
     * @param float $apparentAltitudeDeg of the Sun when the picture was taken, in a clear sky
     *
     * @return float|null null with the Sun down
     *
     * @throws PhotoException when a number is out of range
     */
    public static function overheadQ(Settings $settings, float $seconds, float $at, float $apparentAltitudeDeg): ?float
    {
        $dim = Dimming::stops($apparentAltitudeDeg);

        return $dim === null ? null : self::q($settings, $seconds, $at) + $dim;
    }

    /** Light of a grey in a picture, as a share of white's (sRGB, IEC 61966-2-1; from memory). */
    private static function light(float $grey): float
    {
        return $grey <= 0.04045 ? $grey / 12.92 : (($grey + 0.055) / 1.055) ** 2.4;
    }
}
