<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\TryOut;

use KeenShadow\Core\Viewers\ViewerException;

/** What somebody measured of a viewer on an ordinary day. Lengths in millimetres. */
final readonly class Measured
{
    /** A ruler on a soft edge, where nobody says more (own judgement). */
    public const USUAL_MM = 0.5;
    private const MOST_MM = 10000.0;

    private function __construct(
        public float $imageMm,
        public float $uncertaintyMm,
        public ?float $distanceMm,
        public ?float $holeMm,
        public ?Sharpness $sharpness,
    ) {}

    /**
     * @param float $imageMm width of the bright disc
     * @param float $uncertaintyMm of that width
     * @param float|null $distanceMm to the screen, measured again
     * @param float|null $holeMm of the opening, measured again
     *
     * @throws ViewerException when one is out of range
     */
    public static function of(float $imageMm, float $uncertaintyMm, ?float $distanceMm, ?float $holeMm, ?Sharpness $sharpness): self
    {
        ViewerException::within('measured_mm', $imageMm, 0.1, self::MOST_MM);
        ViewerException::within('uncertainty_mm', $uncertaintyMm, 0.01, self::MOST_MM);

        return new self($imageMm, $uncertaintyMm, $distanceMm, $holeMm, $sharpness);
    }
}
