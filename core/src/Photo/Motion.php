<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** How the Sun goes over a picture that is level: how fast, and whither. */
final readonly class Motion
{
    private function __construct(
        public float $degPerS,
        public float $directionDeg,
    ) {}

    /**
     * From where it stands at one moment and a short while after.
     *
     * @param array{float, float} $from altitude and azimuth in degrees
     * @param array{float, float} $to the same, so many seconds later
     *
     * @return self its direction from the right-hand side of the picture on, anticlockwise: 0 goes to the right, 90 up
     */
    public static function between(array $from, array $to, float $seconds): self
    {
        // Over the south or the north azimuth may jump by a turn.
        $turnDeg = fmod($to[1] - $from[1] + 540.0, 360.0) - 180.0;
        $right = $turnDeg * cos(deg2rad(($from[0] + $to[0]) / 2));
        $up = $to[0] - $from[0];

        return new self(hypot($right, $up) / $seconds, rad2deg(atan2($up, $right)));
    }
}
