<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** Finds a rotation for a problem; the same for the same problem, for it counts what it looks at and never the time. */
final class Solver
{
    /** Some second on one core. */
    private const LOOKS = 800_000;
    private const LOOKS_FOR_CONFLICTS = 600_000;

    public static function solve(Problem $problem): Answer
    {
        $search = new Search(new Grid($problem));
        $search->run(self::LOOKS);
        $turns = $search->turns();
        $had = array_count_values(array_column($turns, 'group'));
        $missing = [];
        foreach ($problem->groups as $group) {
            if (($had[$group->id] ?? 0) < $group->turns) {
                $missing[$group->id] = $group->turns - ($had[$group->id] ?? 0);
            }
        }
        $conflicts = new Conflicts($problem, $missing, self::LOOKS_FOR_CONFLICTS);

        return new Answer($turns, $search->posts(), array_map(
            static fn(string $id): Unmet => new Unmet($id, $had[$id] ?? 0, ...$conflicts->of($id)),
            array_map(strval(...), array_keys($missing)),
        ), $search->peak());
    }
}
