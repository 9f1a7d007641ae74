<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Plan;

use KeenShadow\Core\Geometry\PlanPoint;

/** What is different in a later state of a plan. A thing is known by its name: one that was renamed is gone, and another is new. */
final readonly class PlanChanges
{
    /** Numbers in a form have two decimals; less than half of that is no change. */
    private const SAME_M = 0.005;

    /**
     * @param list<Thing> $added
     * @param list<Thing> $changed as they are later
     * @param list<Thing> $removed
     */
    private function __construct(
        public array $added,
        public array $changed,
        public array $removed,
        public bool $isHorizonChanged,
        public bool $isAccuracyChanged,
    ) {}

    public static function between(SitePlan $before, SitePlan $after): self
    {
        $old = array_column($before->things, null, 'name');
        $new = array_column($after->things, null, 'name');

        return new self(
            added: array_values(array_diff_key($new, $old)),
            changed: array_values(array_filter(array_intersect_key($new, $old), static fn(Thing $thing): bool => !self::same($old[$thing->name], $thing))),
            removed: array_values(array_diff_key($old, $new)),
            isHorizonChanged: $before->horizon->points !== $after->horizon->points,
            isAccuracyChanged: $before->accuracyM !== $after->accuracyM,
        );
    }

    public function isNone(): bool
    {
        return $this->added === [] && $this->changed === [] && $this->removed === [] && !$this->isHorizonChanged && !$this->isAccuracyChanged;
    }

    private static function same(Thing $a, Thing $b): bool
    {
        $numbers = static fn(Thing $t): array => [$t->heightM, $t->radiusM, $t->sillM, ...array_merge(...array_map(static fn(PlanPoint $p): array => [$p->eastM, $p->northM], $t->points))];
        [$one, $other] = [$numbers($a), $numbers($b)];

        return $a->kind === $b->kind && count($one) === count($other)
            && max(array_map(static fn(float $x, float $y): float => abs($x - $y), $one, $other)) < self::SAME_M;
    }
}
