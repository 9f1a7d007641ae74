<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Plan;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\SiteException;

/** A site as drawn: what stands on it, the far horizon, and how well all that was measured. */
final readonly class SitePlan
{
    /** More than a school or a park has; what is worked out for them stays within half a second. */
    public const MOST_THINGS = 150;
    public const LEAST_ACCURACY_M = 0.0;
    public const MOST_ACCURACY_M = 20.0;
    /** Paced out rather than taped. */
    private const FIRST_ACCURACY_M = 0.5;

    /** @param list<Thing> $things in the order they were drawn */
    private function __construct(
        public array $things,
        public HorizonProfile $horizon,
        public float $accuracyM,
    ) {}

    /**
     * @param list<Thing> $things
     * @param float $accuracyM how far heights and places may be off
     *
     * @throws SiteException when there are too many things, two share a name, or the accuracy is out of range
     */
    public static function of(array $things, HorizonProfile $horizon, float $accuracyM): self
    {
        if (count($things) > self::MOST_THINGS) {
            throw SiteException::tooMany('things', self::MOST_THINGS);
        }
        if (!($accuracyM >= self::LEAST_ACCURACY_M && $accuracyM <= self::MOST_ACCURACY_M)) {
            throw SiteException::outOfRange('accuracy_m', 'accuracy_m', $accuracyM, self::LEAST_ACCURACY_M, self::MOST_ACCURACY_M);
        }
        $names = [];
        foreach ($things as $thing) {
            if (isset($names[$thing->name])) {
                throw SiteException::nameTwice($thing->name);
            }
            $names[$thing->name] = true;
        }

        return new self($things, $horizon, $accuracyM);
    }

    /** Nothing drawn yet. */
    public static function blank(): self
    {
        return new self([], HorizonProfile::level(), self::FIRST_ACCURACY_M);
    }

    /** Whether it holds neither a thing nor a horizon. */
    public function isEmpty(): bool
    {
        return $this->things === [] && $this->horizon->points === [];
    }

    /** @return list<Thing> */
    public function obstacles(): array
    {
        return $this->which(static fn(Thing $t): bool => $t->kind->isObstacle());
    }

    /** @return list<Thing> */
    public function openings(): array
    {
        return $this->which(static fn(Thing $t): bool => $t->kind->isOpening());
    }

    /** @return list<Thing> */
    public function grounds(): array
    {
        return $this->which(static fn(Thing $t): bool => $t->kind->isGround());
    }

    /** @return list<Thing> */
    public function places(): array
    {
        return $this->which(static fn(Thing $t): bool => $t->kind->isPlace());
    }

    public function named(string $name): ?Thing
    {
        foreach ($this->things as $thing) {
            if ($thing->name === $name) {
                return $thing;
            }
        }

        return null;
    }

    /** The building or tree that a point lies in. */
    public function coverOver(PlanPoint $point): ?Thing
    {
        foreach ($this->obstacles() as $obstacle) {
            if ($obstacle->contains($point)) {
                return $obstacle;
            }
        }

        return null;
    }

    /** The ground drawn last under a point. */
    public function groundUnder(PlanPoint $point): ?Thing
    {
        foreach (array_reverse($this->grounds()) as $ground) {
            if ($ground->contains($point)) {
                return $ground;
            }
        }

        return null;
    }

    /**
     * @param callable(Thing): bool $test
     *
     * @return list<Thing>
     */
    private function which(callable $test): array
    {
        return array_values(array_filter($this->things, $test));
    }
}
