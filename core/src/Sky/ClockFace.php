<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;

/** A place on the Sun's edge as on the face of a clock held up against it, zenith at twelve; to the nearest half hour. */
final readonly class ClockFace
{
    private function __construct(
        /** 1 … 12 */
        public int $hour,
        public bool $isHalfPast,
    ) {}

    /** @param float $zenithAngleDeg from the zenith, anticlockwise in the sky */
    public static function at(float $zenithAngleDeg): self
    {
        $halves = (int) round(Angle::positiveDeg(-$zenithAngleDeg) / 15) % 24;
        $hour = intdiv($halves, 2);

        return new self($hour === 0 ? 12 : $hour, $halves % 2 === 1);
    }
}
