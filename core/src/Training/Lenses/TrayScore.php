<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Lenses;

/** How a tray was looked over. */
final readonly class TrayScore
{
    /** Of those that are fit, more taken out than this cost the event its glasses (own judgement). */
    private const MOST_FALSE_ALARMS = 0.2;

    /**
     * @param int $hits pairs with a fault that were called faulty
     * @param int $named of these, with the right word
     * @param list<LensFault> $missedKinds
     */
    public function __construct(
        public int $pairs,
        public int $hits,
        public int $missed,
        public int $falseAlarms,
        public int $named,
        public array $missedKinds,
    ) {}

    /** A fault that is missed is handed to somebody: none is, and not too many good ones are thrown away. */
    public function isPassed(): bool
    {
        $fit = $this->pairs - $this->hits - $this->missed;

        return $this->pairs >= Tray::PAIRS && $this->missed === 0 && $this->falseAlarms <= self::MOST_FALSE_ALARMS * $fit;
    }
}
