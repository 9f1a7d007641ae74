<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Spectrum;

/** One clause for one lens: what is asked, what was measured, how far from the limit, and how it comes out. */
final readonly class ClauseResult
{
    /**
     * @param float|null $limit that is not to be exceeded, a fraction; null where it is not known
     * @param array{least: float, mean: float, weighted: float, most: float}|null $measured fractions; of the luminous transmittance all the same; null where the scan does not reach
     */
    private function __construct(
        public Clause $clause,
        public Outcome $outcome,
        public ?float $limit,
        public ?array $measured,
    ) {}

    /** @return list<self> of one lens, the clauses that need no other */
    public static function of(Scan $scan): array
    {
        $outcomes = Assessment::of($scan)->clauses;
        $luminous = $scan->luminous();
        $band = static function (Band $band) use ($scan): ?array {
            $over = $scan->over($band);

            return $over === null ? null : ['least' => $over['least'], 'mean' => $over['mean'], 'weighted' => (float) $scan->weighted($band), 'most' => $over['most']];
        };

        return [
            new self(Clause::Luminous, $outcomes[Clause::Luminous->value], Clause::MOST_LUMINOUS, $luminous === null ? null : ['least' => $luminous, 'mean' => $luminous, 'weighted' => $luminous, 'most' => $luminous]),
            new self(Clause::Uva, $outcomes[Clause::Uva->value], $luminous, $band(Band::Uva)),
            new self(Clause::Uvb, $outcomes[Clause::Uvb->value], $luminous, $band(Band::Uvb)),
            new self(Clause::Infrared, $outcomes[Clause::Infrared->value], Clause::MOST_INFRARED, $band(Band::Infrared)),
        ];
    }

    /**
     * How many times the largest value goes into the limit: above 1 inside, below 1 outside. Of the luminous transmittance to the
     * nearer of its two limits. Null where nothing is known, or nothing comes through.
     */
    public function margin(): ?float
    {
        $most = $this->measured['most'] ?? null;
        if ($most === null || $this->limit === null || $most <= 0.0) {
            return null;
        }

        return $this->clause === Clause::Luminous ? min($this->limit / $most, $most / Clause::LEAST_LUMINOUS) : $this->limit / $most;
    }
}
