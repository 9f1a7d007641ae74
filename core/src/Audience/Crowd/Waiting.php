<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

/** How long people waited at one station, and who of them got a look while it mattered. */
final readonly class Waiting
{
    /** @param list<Visit> $visits at the station */
    private function __construct(
        public array $visits,
        public float $meanS,
        public float $longestS,
    ) {}

    /**
     * @param list<Visit> $visits
     * @param int $station number of it
     */
    public static function at(array $visits, int $station): self
    {
        $here = array_values(array_filter($visits, static fn(Visit $v): bool => $v->station === $station));
        $waits = array_map(static fn(Visit $v): float => $v->waitS(), $here);

        return new self($here, $here === [] ? 0.0 : array_sum($waits) / count($here), max([0.0, ...$waits]));
    }

    /** So much of the people waited no longer, in seconds. */
    public function quantileS(float $share): float
    {
        $waits = array_map(static fn(Visit $v): float => $v->waitS(), $this->visits);
        sort($waits);

        return $waits === [] ? 0.0 : $waits[max(0, min(count($waits) - 1, (int) ceil($share * count($waits)) - 1))];
    }

    /** How many different people had a whole look between two moments. */
    public function lookedBetween(float $fromS, float $toS): int
    {
        return count(array_unique(array_map(static fn(Visit $v): int => $v->visitor, array_filter($this->visits, static fn(Visit $v): bool => $v->beganS >= $fromS && $v->endedS <= $toS))));
    }

    /** How many looks have ended by a moment. */
    public function endedBy(float $s): int
    {
        return count(array_filter($this->visits, static fn(Visit $v): bool => $v->endedS <= $s));
    }

    /** How many wait at a moment. */
    public function queueAt(float $s): int
    {
        return count(array_filter($this->visits, static fn(Visit $v): bool => $v->cameS <= $s && $v->beganS > $s));
    }
}
