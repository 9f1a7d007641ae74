<?php

declare(strict_types=1);

namespace KeenShadow\Core\Position;

/** One position from a receiver. */
final readonly class GpsFix
{
    /**
     * @param string $utc time of day, hhmmss with a fraction where there is one
     * @param int $quality as GGA counts: 1 plain, 2 with corrections, 4 and 5 real-time kinematic
     */
    private function __construct(
        public Coordinates $place,
        public string $utc,
        public int $quality,
        public int $satellites,
        public float $hdop,
    ) {}

    /**
     * A GGA sentence with a fix. Its height is above mean sea level.
     *
     * @throws NmeaException when it has no fix or its numbers make no place
     */
    public static function fromGga(NmeaSentence $sentence): self
    {
        $quality = (int) $sentence->field(5);
        if ($quality < 1 || $quality > 5) {
            throw $quality === 0 ? NmeaException::noFix() : NmeaException::notMeasured();
        }
        $height = $sentence->field(8);

        return new self(
            new Coordinates(
                self::degrees($sentence->field(1), $sentence->field(2), 'N', 'S', 90),
                self::degrees($sentence->field(3), $sentence->field(4), 'E', 'W', 180),
                is_numeric($height) ? (float) $height : null,
            ),
            $sentence->field(0),
            $quality,
            (int) $sentence->field(6),
            is_numeric($sentence->field(7)) ? (float) $sentence->field(7) : 99.9,
        );
    }

    /** Whether an RMC sentence calls its data valid. */
    public static function isValid(NmeaSentence $rmc): bool
    {
        return $rmc->field(1) === 'A';
    }

    /** Degrees and minutes run together, ddmm.mmmm, with a letter. */
    private static function degrees(string $text, string $letter, string $plus, string $minus, int $most): float
    {
        if (preg_match('/^(\d{1,3})(\d{2}(?:\.\d+)?)$/', $text, $m) !== 1 || ($letter !== $plus && $letter !== $minus) || (float) $m[2] >= 60) {
            throw NmeaException::noPlace();
        }
        $degrees = (int) $m[1] + (float) $m[2] / 60;

        return $degrees > $most ? throw NmeaException::noPlace() : ($letter === $minus ? -$degrees : $degrees);
    }
}
