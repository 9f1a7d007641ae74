<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers;

/** The outline of a hole. Its width is the diameter, the side of a square, the length of a slit, the widest of what is torn or a star. */
enum HoleShape: string
{
    case Round = 'round';
    case Square = 'square';
    case Ragged = 'ragged';
    case Slit = 'slit';
    case Star = 'star';

    /** Breadth of a slit over its length. */
    private const SLIT = 0.25;
    /** How far the notches of a star go in, of how far its points go out. */
    private const STAR = 0.4;
    /** Waves of a torn edge: how many go round, how high, where they begin. */
    private const TEARS = [[3, 0.09, 0.4], [7, 0.06, 1.9], [13, 0.04, 4.1]];

    /**
     * Whether a point lies in the hole, in units of its width from its middle; a star has a point up, a slit lies level.
     */
    public function has(float $x, float $y): bool
    {
        return match ($this) {
            self::Round => $x * $x + $y * $y <= 0.25,
            self::Square => abs($x) <= 0.5 && abs($y) <= 0.5,
            self::Slit => abs($x) <= 0.5 && abs($y) <= self::SLIT / 2,
            self::Ragged, self::Star => hypot($x, $y) <= $this->reach(atan2($y, $x)),
        };
    }

    /** Area over the square of the width. */
    public function area(): float
    {
        return match ($this) {
            self::Round => M_PI / 4,
            self::Square => 1.0,
            self::Slit => self::SLIT,
            // Ten triangles from the middle with 36° between a point and a notch.
            self::Star => 10 * 0.5 * 0.5 * 0.5 * self::STAR * sin(M_PI / 5),
            // ½∮r² of a circle with waves: what their crossings give is nothing, for they differ in number.
            self::Ragged => M_PI * self::mean() ** 2 * (1 + array_sum(array_map(static fn(array $tear): float => $tear[1] ** 2 / 2, self::TEARS))),
        };
    }

    /** How far the edge is from the middle in a direction. */
    private function reach(float $angle): float
    {
        if ($this === self::Ragged) {
            $waves = 1.0;
            foreach (self::TEARS as [$number, $height, $begin]) {
                $waves += $height * cos($number * $angle + $begin);
            }

            return self::mean() * $waves;
        }
        // Turned to the sector between a point and the next notch, where the edge is one straight line.
        $sector = 2 * M_PI / 5;
        $turn = fmod($angle - M_PI / 2 + 5 * $sector, $sector);
        $turn = min($turn, $sector - $turn);
        [$x, $y] = [0.5 * self::STAR * cos(M_PI / 5) - 0.5, 0.5 * self::STAR * sin(M_PI / 5)];

        return 0.5 * $y / ($y * cos($turn) - $x * sin($turn));
    }

    /** Middle distance of a torn edge, so that no tear reaches beyond half the width. */
    private static function mean(): float
    {
        return 0.5 / (1 + array_sum(array_column(self::TEARS, 1)));
    }
}
