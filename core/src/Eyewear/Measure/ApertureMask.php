<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Measure;

use KeenShadow\Core\Eyewear\EyewearException;

/**
 * The largest round opening off the axis of a mirror telescope that clears the secondary mirror and the vanes that hold it, for
 * a small filter over a large telescope (plane geometry).
 *
 * With its middle at c from the axis, halfway between two of n vanes of width w, an opening of radius r stays inside the tube
 * when r ≤ D/2 − c, clear of the secondary when r ≤ c − d/2, and clear of the vanes when r ≤ c·sin(π/n) − w/2. The first falls
 * with c and the others rise: the best is where they meet.
 */
final readonly class ApertureMask
{
    public const APERTURE_MM = [20.0, 2000.0];
    public const VANES = [0, 8];
    public const VANE_MM = [0.0, 50.0];

    private function __construct(
        public float $apertureMm,
        public float $obstructionMm,
        public float $openingMm,
        public float $offAxisMm,
    ) {}

    /**
     * @param float $apertureMm free opening of the telescope
     * @param float $obstructionMm width of the secondary mirror with its cell; 0 for a lens
     * @param int $vanes that hold it, evenly around
     * @param float $vaneMm width of each
     *
     * @throws EyewearException
     */
    public static function of(float $apertureMm, float $obstructionMm, int $vanes, float $vaneMm): self
    {
        foreach (['aperture_mm' => [$apertureMm, self::APERTURE_MM], 'obstruction_mm' => [$obstructionMm, [0.0, 0.9 * $apertureMm]], 'vanes' => [$vanes, self::VANES], 'vane_mm' => [$vaneMm, self::VANE_MM]] as $field => [$value, [$least, $most]]) {
            if (!($value >= $least && $value <= $most)) {
                throw EyewearException::outOfRange($field, (float) $value, (float) $least, (float) $most);
            }
        }
        if ($obstructionMm <= 0.0 && $vanes === 0) {
            return new self($apertureMm, 0.0, $apertureMm, 0.0);
        }
        $offAxis = ($apertureMm + $obstructionMm) / 4;
        // One vane leaves half of the ring free, whatever its width.
        if ($vanes > 1) {
            $offAxis = max($offAxis, ($apertureMm + $vaneMm) / 2 / (1 + sin(M_PI / $vanes)));
        }
        $opening = $apertureMm - 2 * $offAxis;

        return new self($apertureMm, $obstructionMm, max(0.0, $opening), $offAxis);
    }

    public function radiusMm(): float
    {
        return $this->apertureMm / 2;
    }

    public function obstructionRadiusMm(): float
    {
        return $this->obstructionMm / 2;
    }

    public function openingRadiusMm(): float
    {
        return $this->openingMm / 2;
    }
}
