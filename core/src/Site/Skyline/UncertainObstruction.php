<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

/** A stretch with its uncertainty: how much earlier it may begin and how much later end, given how well the plan was measured. */
final readonly class UncertainObstruction
{
    private function __construct(
        public Obstruction $stretch,
        public float $earlierSeconds,
        public float $laterSeconds,
    ) {}

    /**
     * @param float $notBeforeUt end of the stretch before
     * @param float $notAfterUt begin of the next
     */
    public static function of(Obstruction $stretch, ClearSky $worst, float $notBeforeUt, float $notAfterUt): self
    {
        foreach ($worst->stretches as $other) {
            if ($other->overlaps($stretch)) {
                return new self(
                    $stretch,
                    max(0.0, ($stretch->from->julianDateUt - max($notBeforeUt, $other->from->julianDateUt)) * 86400),
                    max(0.0, (min($notAfterUt, $other->to->julianDateUt) - $stretch->to->julianDateUt) * 86400),
                );
            }
        }

        return new self($stretch, 0.0, 0.0);
    }
}
