<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Drill;

use KeenShadow\Core\Rules\Filters;

/** The last minutes before and after totality, as somebody called them, against the times of the one rule. */
final readonly class DrillScore
{
    /** What may be lost of totality on either side before it is pointed out (own judgement). */
    private const WASTED_S = 10.0;
    private const DAY_S = 86400;

    /**
     * @param float|null $offS seconds after filters may be off; less than nothing before; null where it was not called
     * @param float|null $onS seconds before they are on again; less than nothing after
     */
    private function __construct(
        public Timing $off,
        public Timing $on,
        public ?float $offS,
        public ?float $onS,
    ) {}

    /**
     * @param float|null $freeFromUt from when filters may be off, days of any count; null where they stay on
     * @param float|null $freeToUt by when they are on again
     * @param float|null $offUt when somebody called them off; null where nobody did
     * @param float|null $onUt when they called them on
     */
    public static function of(?float $freeFromUt, ?float $freeToUt, ?float $offUt, ?float $onUt): self
    {
        if ($freeFromUt === null || $freeToUt === null) {
            // Whoever calls them off is early, whenever it is.
            return new self($offUt === null ? Timing::InTime : Timing::EarlyOff, $offUt === null || $onUt !== null ? Timing::InTime : Timing::LateOn, null, null);
        }
        $offS = $offUt === null ? null : ($offUt - $freeFromUt) * self::DAY_S;
        $onS = $onUt === null ? null : ($freeToUt - $onUt) * self::DAY_S;

        return new self(
            match (true) {
                $offS === null => Timing::NotCalled,
                $offS < 0.0 => Timing::EarlyOff,
                $offS > self::WASTED_S => Timing::Wasted,
                default => Timing::InTime,
            },
            match (true) {
                $offS === null && $onS === null => Timing::NotCalled,
                // Off, and never on again.
                $onS === null, $onS < 0.0 => Timing::LateOn,
                $onS > self::WASTED_S + Filters::WARNING_SECONDS => Timing::Wasted,
                default => Timing::InTime,
            },
            $offS,
            $onS,
        );
    }

    public function isPassed(): bool
    {
        return $this->off === Timing::InTime && $this->on === Timing::InTime;
    }
}
