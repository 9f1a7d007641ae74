<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

/** An obstruction with its uncertainty: how much earlier it may begin and how much later end, given how well the plan was measured. */
final readonly class UncertainObstruction
{
    private function __construct(
        public Obstruction $obstruction,
        public float $earlierSeconds,
        public float $laterSeconds,
    ) {}

    /**
     * @param float $notBeforeUt end of the obstruction before
     * @param float $notAfterUt begin of the next
     */
    public static function of(Obstruction $obstruction, ClearSky $worst, float $notBeforeUt, float $notAfterUt): self
    {
        foreach ($worst->obstructions as $other) {
            if ($other->overlaps($obstruction)) {
                return new self(
                    $obstruction,
                    max(0.0, ($obstruction->from->julianDateUt - max($notBeforeUt, $other->from->julianDateUt)) * 86400),
                    max(0.0, (min($notAfterUt, $other->to->julianDateUt) - $obstruction->to->julianDateUt) * 86400),
                );
            }
        }

        return new self($obstruction, 0.0, 0.0);
    }
}
