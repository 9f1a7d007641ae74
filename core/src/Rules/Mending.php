<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** Finds the smallest change of what is known that makes a refused situation allowed, as far as it is known then. */
final class Mending
{
    private const MOST_CHANGES = 6;
    /** Another filter is a greater change than any other one, looking at something else a greater, and looking directly the greatest. */
    private const OTHER_FILTER = 0.25;
    private const LOOK_ELSEWHERE = 0.5;
    private const LOOK_DIRECTLY = 0.75;

    /**
     * @param Hearing $refusing of the same situation
     *
     * @return list<Change> empty where there is none; of equally small ones that which stays nearest to what was asked
     */
    public static function smallest(RuleBook $book, Situation $situation, Hearing $refusing): array
    {
        $best = [];
        foreach (self::ways($book, $situation, $refusing) as $wanted) {
            $best = self::towards($wanted, $book, $situation, $best === [] ? INF : self::cost($best)) ?? $best;
        }

        return $best;
    }

    /** @return list<list<Condition>> what would have to be: as the rules that refuse have it, and for each rule that allows something; what leaves the look as it is comes first */
    private static function ways(RuleBook $book, Situation $situation, Hearing $refusing): array
    {
        $look = $situation->get(Part::Look);
        $ways = array_values(array_filter(array_map(static fn(Rule $rule): array => $rule->instead, $refusing->broken)));
        $elsewhere = [];
        foreach ($book->rules as $rule) {
            if ($rule->effect === Effect::Allows && is_string($look) && $rule->isAbout($look)) {
                $ways[] = $rule->where;
            } elseif ($rule->effect === Effect::Allows && !$rule->isAbout('camera')) {
                // A sensor sees nothing for anybody who wanted to look.
                $elsewhere[] = $rule->where;
            }
        }

        return [...$ways, ...$elsewhere];
    }

    /**
     * What must change for that to be so and for no rule to refuse it.
     *
     * @param list<Condition> $wanted
     * @param float $below the cost of what was found already
     *
     * @return list<Change>|null null where that is in nobody's hand, or costs as much
     */
    private static function towards(array $wanted, RuleBook $book, Situation $situation, float $below): ?array
    {
        $changes = [];
        $failing = array_filter($wanted, static fn(Condition $c): bool => $c->holds($situation) === false);
        do {
            foreach ($failing as $condition) {
                $part = $condition->part;
                // What was changed already to please another rule cannot please both.
                if (!$part->canBeChanged() || isset($changes[$part->value])) {
                    return null;
                }
                $changes[$part->value] = new Change($part, $condition->example());
                if (count($changes) > self::MOST_CHANGES || self::cost($changes) >= $below) {
                    return null;
                }
                $situation = $situation->with($part, $condition->example());
            }
            $hearing = $book->hear($situation);
            $failing = $hearing->broken === [] ? [] : self::failing($hearing->broken, $situation);
            if ($failing === null || self::cost($changes) + count($failing) >= $below) {
                return null;
            }
        } while ($failing !== []);

        return $hearing->permission === Permission::No || $changes === [] ? null : array_values($changes);
    }

    /**
     * @param non-empty-list<Rule> $broken
     *
     * @return list<Condition>|null what one of them asks for that is known to be otherwise, rather than what is to be done instead
     */
    private static function failing(array $broken, Situation $situation): ?array
    {
        foreach ([Effect::Asks, Effect::Forbids] as $effect) {
            foreach ($broken as $rule) {
                $wanted = $rule->effect === Effect::Forbids ? $rule->instead : $rule->needs;
                $failing = array_filter($wanted, static fn(Condition $c): bool => $c->holds($situation) === false);
                if ($rule->effect === $effect && $failing !== []) {
                    return array_values($failing);
                }
            }
        }

        return null;
    }

    /** @param array<array-key, Change> $changes */
    private static function cost(array $changes): float
    {
        $cost = count($changes);
        foreach ($changes as $change) {
            $cost += match (true) {
                $change->part === Part::Filter => self::OTHER_FILTER,
                $change->part !== Part::Look => 0.0,
                $change->to === 'direct', $change->to === 'through_optics' => self::LOOK_DIRECTLY,
                default => self::LOOK_ELSEWHERE,
            };
        }

        return $cost;
    }
}
