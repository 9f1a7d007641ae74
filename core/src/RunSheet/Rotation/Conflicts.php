<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/**
 * What stands in the way of a group: groups, stations, helpers, the pairs and the time that cannot all be satisfied together,
 * while any one fewer could be. A set for which that is shown grows group by group, and then loses whatever it can do without.
 */
final class Conflicts
{
    /** What is looked at to place all turns, and to show that nobody can. */
    private const LOOKS_TO_PLACE = 8_000;
    private const LOOKS_TO_SHOW = 150_000;

    private const CREW = "\0crew";

    /** @var array<string, bool|null> by the ids that matter */
    private array $known = [];

    /**
     * @param array<string, int> $missing turns that each unmet group lacks
     * @param int $looks for all questions together
     */
    public function __construct(private readonly Problem $problem, private readonly array $missing, private int $looks) {}

    /** @return array{list<string>, bool} ids, and whether all is shown that makes them a conflict */
    public function of(string $group): array
    {
        $others = $this->neighbours($group);
        $chosen = [];
        for ($more = 0; ; $more = max(1, 2 * $more)) {
            array_push($chosen, ...array_splice($others, 0, $more));
            $ids = $this->around([$group, ...$chosen]);
            if ($this->isPossible($ids) === false) {
                return $this->least($group, $ids);
            }
            if ($others === []) {
                return [$this->inOrder($ids), false];
            }
        }
    }

    /** @return list<string> other groups: those first that have all their turns, and of these those that want the same most */
    private function neighbours(string $group): array
    {
        $groups = array_column($this->problem->groups, null, 'id');
        $own = $groups[$group];
        unset($groups[$group]);
        uasort($groups, fn(Group $a, Group $b): int => $this->closeness($own, $b) <=> $this->closeness($own, $a));

        return array_map(strval(...), array_keys($groups));
    }

    /** @return array{bool, int, int} */
    private function closeness(Group $a, Group $b): array
    {
        $minutes = 0;
        foreach ($a->free as $stretch) {
            $minutes += array_sum(array_map(static fn(Stretch $s): int => $stretch->commonMin($s->fromMin, $s->toMin), $b->free));
        }

        return [!isset($this->missing[$b->id]), count(array_intersect($a->methods, $b->methods)) * $minutes, $b->people];
    }

    /**
     * Groups with everything else that could matter to them.
     *
     * @param list<string> $groups
     *
     * @return array<string, true>
     */
    private function around(array $groups): array
    {
        $methods = array_merge(...array_map(static fn(Group $g): array => in_array($g->id, $groups, true) ? $g->methods : [], $this->problem->groups));
        $ids = array_fill_keys($groups, true) + [Problem::TIME => true, self::CREW => true];
        foreach ($this->problem->stations as $station) {
            if (in_array($station->method, $methods, true)) {
                $ids[$station->id] = true;
            }
        }

        return $ids + ($this->problem->fit === null ? [] : [Problem::FIT_GLASSES => true]);
    }

    /**
     * Takes out whatever can be done without.
     *
     * @param array<string, true> $ids
     *
     * @return array{list<string>, bool}
     */
    private function least(string $group, array $ids): array
    {
        $isShown = true;
        $stations = array_column($this->problem->stations, 'id', 'id');
        $rank = static fn(string $id): int => match (true) {
            $id === Problem::TIME => 0,
            $id === Problem::FIT_GLASSES => 1,
            $id === self::CREW => 2,
            isset($stations[$id]) => 3,
            $id !== $group => 4,
            default => 5,
        };
        $tried = array_map(strval(...), array_keys($ids));
        usort($tried, static fn(string $a, string $b): int => $rank($a) <=> $rank($b));
        foreach ($tried as $id) {
            $fewer = $ids;
            unset($fewer[$id]);
            $isPossible = $this->isPossible($fewer);
            if ($isPossible === false) {
                $ids = $fewer;
            }
            $isShown = $isShown && $isPossible !== null;
        }

        return [$this->inOrder($ids), $isShown];
    }

    /** @param array<string, true> $ids */
    private function isPossible(array $ids): ?bool
    {
        $ids = $this->whole($ids);
        ksort($ids);
        $key = implode("\n", array_keys($ids));
        if (!array_key_exists($key, $this->known)) {
            $this->known[$key] = $this->looks > 0 ? $this->ask(new Grid($this->problem->only($ids))) : null;
        }

        return $this->known[$key];
    }

    private function ask(Grid $grid): ?bool
    {
        if ((new SlotBound($grid))->isImpossible()) {
            return false;
        }
        $search = new Search($grid);
        $this->looks -= self::LOOKS_TO_PLACE + $grid->steps * count($grid->problem->groups) * count($grid->problem->stations);
        if ($search->placesAll(self::LOOKS_TO_PLACE)) {
            return true;
        }
        $all = new Exhaustive($grid, min(self::LOOKS_TO_SHOW, max(1, $this->looks)));
        $answer = $all->isPossible();
        $this->looks -= $all->looks();

        return $answer;
    }

    /**
     * Helpers come all or not at all: as soon as one of them is without limits there is somebody for every post.
     *
     * @param array<string, true> $ids
     *
     * @return array<string, true>
     */
    private function whole(array $ids): array
    {
        if (isset($ids[self::CREW])) {
            $ids += array_fill_keys(array_column($this->problem->crew, 'id'), true);
            unset($ids[self::CREW]);
        }

        return $ids;
    }

    /**
     * @param array<string, true> $ids
     *
     * @return list<string> groups, stations, helpers, glasses, time
     */
    private function inOrder(array $ids): array
    {
        $ids = $this->whole($ids);
        $all = [...array_column($this->problem->groups, 'id'), ...array_column($this->problem->stations, 'id'), ...array_column($this->problem->crew, 'id'), Problem::FIT_GLASSES, Problem::TIME];

        return array_values(array_filter($all, static fn(string $id): bool => isset($ids[$id])));
    }
}
