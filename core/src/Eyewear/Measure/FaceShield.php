<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Measure;

use KeenShadow\Core\Eyewear\EyewearException;

/**
 * A face shield: glasses set in a plate of stiff card that covers the face, for those on whom they do not stay. Two openings, a little
 * smaller than the lenses, so that each lens lies on card all around; the glasses are taped behind them (common practice; the lap and
 * the least bridge are our own judgement).
 */
final readonly class FaceShield
{
    public const LENS_MM = [15.0, 120.0];
    public const CENTRES_MM = [40.0, 90.0];
    /** So much of each lens lies on the card, on every side. */
    public const LAP_MM = 3.0;
    /** Card between the openings, to hold; and beyond them, against light from the sides. */
    public const LEAST_BRIDGE_MM = 8.0;
    public const LEAST_RIM_MM = 40.0;
    /** Width and height of the plate, which goes across a sheet of A4 and of Letter with a line of words. */
    public const PLATE_MM = [250.0, 176.0];

    private function __construct(
        public float $openingWidthMm,
        public float $openingHeightMm,
        public float $centresMm,
    ) {}

    /**
     * @param float $lensWidthMm of the filter itself, without its frame
     * @param float $centresMm from the middle of one lens to the middle of the other
     *
     * @throws EyewearException when a length is out of range, or the openings leave no bridge between them
     */
    public static function of(float $lensWidthMm, float $lensHeightMm, float $centresMm): self
    {
        $widest = $centresMm + 2 * self::LAP_MM - self::LEAST_BRIDGE_MM;
        foreach (['centres_mm' => [$centresMm, self::CENTRES_MM], 'lens_width_mm' => [$lensWidthMm, [self::LENS_MM[0], min(self::LENS_MM[1], $widest)]], 'lens_height_mm' => [$lensHeightMm, self::LENS_MM]] as $field => [$value, [$least, $most]]) {
            if (!($value >= $least && $value <= $most)) {
                throw EyewearException::outOfRange($field, $value, $least, $most);
            }
        }

        return new self($lensWidthMm - 2 * self::LAP_MM, $lensHeightMm - 2 * self::LAP_MM, $centresMm);
    }

    /** Card between the two openings. */
    public function bridgeMm(): float
    {
        return $this->centresMm - $this->openingWidthMm;
    }

    /** Card from the outer edge of an opening to the edge of the plate. */
    public function rimMm(): float
    {
        return (self::PLATE_MM[0] - $this->centresMm - $this->openingWidthMm) / 2;
    }

    /** @return array{float, float} left edges of the two openings, from the middle of the plate */
    public function leftEdgesMm(): array
    {
        return [-($this->centresMm + $this->openingWidthMm) / 2, ($this->centresMm - $this->openingWidthMm) / 2];
    }
}
