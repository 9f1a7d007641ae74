<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Temperature;

use KeenShadow\Core\Logbook\Series;

/**
 * How readings scatter around a curve: how far, and how much one takes after the one before. Air comes in gusts of minutes, so
 * that readings that follow each other are worth less than as many by themselves.
 */
final readonly class Noise
{
    /** Beyond this so few readings are worth anything that nothing may be said. */
    private const MOST_CORRELATION = 0.97;
    /** Two readings farther apart than this many usual steps say nothing of how one takes after the other. */
    private const MOST_STEPS = 1.5;

    private function __construct(
        public float $rms,
        public float $correlation,
    ) {}

    /**
     * The correlation of neighbours, set right for short series (Kendall, Biometrika 41 (1954) 403).
     *
     * @param Series $residuals what is left after a curve was taken off
     * @param int $parameters how many the curve had
     */
    public static function in(Series $residuals, int $parameters): self
    {
        $count = $residuals->count();
        $stepS = $residuals->stepS();
        $squares = array_sum(array_map(static fn(float $r): float => $r * $r, $residuals->values));
        [$products, $beside] = [0.0, 0.0];
        for ($i = 1; $i < $count; ++$i) {
            if ($residuals->atS[$i] - $residuals->atS[$i - 1] <= self::MOST_STEPS * $stepS) {
                $products += $residuals->values[$i] * $residuals->values[$i - 1];
                $beside += ($residuals->values[$i] ** 2 + $residuals->values[$i - 1] ** 2) / 2;
            }
        }
        $raw = $beside > 0.0 ? $products / $beside : 0.0;
        $correlation = $raw + (1 + 4 * $raw) / max(1, $count);

        return new self(sqrt($squares / max(1, $count - $parameters)), max(0.0, min(self::MOST_CORRELATION, $correlation)));
    }

    public static function of(float $rms, float $correlation): self
    {
        return new self($rms, $correlation);
    }

    /**
     * The variance with which a single reading counts in a mean or a fit over many: as much larger than its own as fewer of them are
     * independent, (1 + ρ)/(1 − ρ) (Bartlett, J. R. Stat. Soc. 98 (1935) 536).
     */
    public function variance(): float
    {
        return $this->rms ** 2 * (1 + $this->correlation) / (1 - $this->correlation);
    }
}
