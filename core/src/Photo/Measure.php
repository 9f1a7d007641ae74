<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** The numbers of a camera and of a plan for it, by the names that files have for them. */
enum Measure: string
{
    case Focal = 'focal_mm';
    case FNumber = 'f_number';
    case Iso = 'iso';
    case Pixel = 'pixel_um';
    case Side = 'sensor_mm';
    case SunDiameter = 'sun_diameter_arcmin';
    case Totality = 'totality_s';
    /** How bright, as a power of two: see Settings. */
    case Q = 'q';
    case Frames = 'frames';
    case Exposure = 'exposure_s';
    /** From one picture of the partial phases to the next. */
    case Interval = 'interval_s';
    /** Until nothing shakes any more. */
    case Pause = 'pause_s';
    /** For taking a filter off, or putting it on. */
    case Hand = 'hand_s';
    /** Seconds until a frame is on the card, and the next may be taken. */
    case Write = 'write_s';
    /** Of a burst: as fast as it goes, and as many as are kept until the card has them. */
    case FramesPerSecond = 'frames_per_s';
    case Buffer = 'buffer_frames';
    /** Free opening of a lens or a telescope. */
    case Aperture = 'aperture_mm';
    /** Free opening of a filter before one. */
    case Opening = 'opening_mm';
    /** ISO behind a filter. */
    case IsoFiltered = 'iso_filtered';
    /** What thin cloud takes, in stops. */
    case CloudStops = 'cloud_stops';
    /** Corona that is to be seen, in radii of the Sun from its limb. */
    case Corona = 'corona_radii';
    /** By how much a camera is turned against a level one, anticlockwise as one looks through it. */
    case Roll = 'roll_deg';
    /** By how many pixels the image may move in an exposure. */
    case Drift = 'drift_px';
    /** How long before filters go on a cloud lets the Sun through. */
    case Clear = 'clear_s';
    case Step = 'step_stops';
    /** Where the disc stands in a histogram, 0 black and 1 white. */
    case Histogram = 'histogram';

    /** @return array{float, float} least and most: what somebody might own, and a little more */
    public function range(): array
    {
        return match ($this) {
            self::Focal => [1.0, 20000.0],
            self::FNumber => [0.5, 1000.0],
            self::Iso, self::IsoFiltered => [1.0, 10_000_000.0],
            self::Pixel => [0.1, 100.0],
            self::Side => [0.1, 500.0],
            // It goes from 31.45 to 32.53 in a year.
            self::SunDiameter => [30.0, 34.0],
            // None is longer than 7 min 32 s (Meeus, J. Brit. Astron. Assoc. 113 (2003) 343; from memory).
            self::Totality => [0.0, 480.0],
            self::Q => [-20.0, 20.0],
            self::Frames => [1.0, 10000.0],
            self::Exposure => [1e-6, 3600.0],
            self::Write, self::Pause => [0.0, 600.0],
            self::Interval => [10.0, 3600.0],
            self::Hand => [1.0, 60.0],
            self::FramesPerSecond => [0.1, 1000.0],
            self::Buffer => [1.0, 10000.0],
            self::Aperture, self::Opening => [0.5, 5000.0],
            self::CloudStops => [0.0, 10.0],
            self::Corona => [0.0, 20.0],
            self::Roll => [-180.0, 180.0],
            self::Drift => [0.1, 1000.0],
            self::Clear => [0.0, 480.0],
            self::Step => [0.3, 6.0],
            self::Histogram => [0.0, 1.0],
        };
    }

    /**
     * @param string|null $path where that is not the name alone
     *
     * @throws PhotoException when it is out of range
     */
    public function checked(float $value, ?string $path = null): float
    {
        PhotoException::within($path ?? $this->value, $value, ...$this->range());

        return $value;
    }
}
