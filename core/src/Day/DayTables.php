<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\LocalEclipse;

/**
 * The tables of one day for screens whose clocks are more and less sure. A screen that is away from the network takes the first
 * whose uncertainty is no less than its own, and computes nothing.
 */
final readonly class DayTables
{
    /** Own judgement: close together where clocks are after a comparison, and up to where nothing of a long totality is left. */
    private const UNCERTAINTIES_S = [0.1, 0.2, 0.5, 1.0, 2.0, 5.0, 10.0, 30.0, 60.0, 120.0];

    /** @param non-empty-list<DayTable> $tables the surest clock first; the last one is for a clock of which nothing is known */
    private function __construct(public array $tables) {}

    public static function of(LocalEclipse $here, Filters $filters): self
    {
        return new self(array_map(static fn(float $uncertaintyS): DayTable => DayTable::of($here, $filters, $uncertaintyS), [...self::UNCERTAINTIES_S, INF]));
    }

    /** The table for a clock that may be wrong by so many seconds to either side. */
    public function for(float $uncertaintyS): DayTable
    {
        foreach ($this->tables as $table) {
            if ($uncertaintyS >= 0.0 && $uncertaintyS <= $table->uncertaintyS) {
                return $table;
            }
        }

        return $this->tables[count($this->tables) - 1];
    }
}
