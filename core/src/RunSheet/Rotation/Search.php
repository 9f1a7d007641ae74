<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Looks for a rotation: first one with every group in the best minutes, then one with all turns, and from there more groups
 * in the best minutes, turns nearer to them, fewer change-overs. What it holds at any time breaks no rule.
 */
final class Search
{
    private const LOOKS_FOR_ONE = 12_000;
    private const TRIES_FOR_FRESH = 100;

    private readonly Randomizer $random;

    private readonly Timetable $table;

    private readonly Placing $placing;

    /** @var array<int, array{int, int}> station and first step of wishes in the best timetable so far */
    private array $placed = [];

    /** @var array<int, true> groups that have a turn in the best minutes in it */
    private array $inPeak = [];

    public function __construct(private readonly Grid $grid, int $seed = 1)
    {
        $random = $this->random = new Randomizer(new Xoshiro256StarStar($seed));
        $this->table = new Timetable($grid);
        $this->placing = new Placing($this->table, new Roster($grid, $random), $random, Duty::isCoupled($grid->problem));
    }

    /** Whether every turn was placed within so many looks; the best minutes are not minded. */
    public function placesAll(int $looks): bool
    {
        $wishes = array_keys($this->table->groupOf);
        $asked = array_sum(array_map(static fn(Group $g): int => $g->turns, $this->grid->problem->groups));
        $this->placing->settle();

        return count($wishes) === $asked && $this->placing->place($wishes, $looks) === [];
    }

    /** Looks for the best within so many looks. */
    public function run(int $looks): void
    {
        $end = $this->placing->looks + $looks;
        $wishes = array_keys(array_filter($this->table->groupOf, fn(int $group): bool => $this->grid->starts[$group] !== []));
        $inPeak = $this->firstWishes();
        $this->placing->settle();
        $this->placing->wantInPeak($inPeak);
        $waiting = $this->placing->place($wishes, intdiv($looks, 8));
        if ($waiting !== []) {
            $this->placing->wantInPeak(array_values(array_diff($inPeak, $waiting)));
            $waiting = $this->placing->place($waiting, intdiv($looks, 8));
        }
        $this->take();
        if ($waiting !== []) {
            $this->placing->wantInPeak([]);
            $this->placing->place($waiting, intdiv($looks, 2));
            $this->take();
        }
        do {
            $before = $this->placing->looks;
            $this->raisePeak($end, false);
            $this->raisePeak($end, true);
        } while ($this->placing->looks < $end && $this->placing->looks > $before);
        $this->comeNearer();
        $this->placing->settle();
        $this->take();
        $this->smooth();
    }

    /** @return list<Turn> */
    public function turns(): array
    {
        $turns = [];
        foreach ($this->placed as $wish => [$station, $start]) {
            $turns[] = new Turn(
                $this->grid->problem->groups[$this->table->groupOf[$wish]]->id,
                $this->grid->problem->stations[$station]->id,
                $this->grid->minute($start),
                $this->grid->minute($start + $this->grid->length[$station]),
            );
        }
        usort($turns, static fn(Turn $a, Turn $b): int => [$a->startMin, $a->station, $a->group] <=> [$b->startMin, $b->station, $b->group]);

        return $turns;
    }

    /** @return list<Post> */
    public function posts(): array
    {
        return $this->placing->roster->answer();
    }

    /** @return list<string> groups with a turn in the best minutes */
    public function peak(): array
    {
        $groups = $this->grid->problem->groups;

        return array_map(static fn(int $g): string => $groups[$g]->id, array_keys(array_intersect_key($groups, $this->inPeak)));
    }

    /** @return list<int> of each group a wish that could stand in the best minutes */
    private function firstWishes(): array
    {
        $wishes = [];
        foreach ($this->table->wishesOf as $g => $own) {
            if ($own !== [] && $this->mayBeInPeak($g)) {
                $wishes[] = $own[0];
            }
        }

        return $wishes;
    }

    private function mayBeInPeak(int $group): bool
    {
        foreach ($this->grid->starts[$group] as $station => $starts) {
            foreach ($starts as $start) {
                if ($this->grid->isInPeak[$station][$start]) {
                    return true;
                }
            }
        }

        return false;
    }

    /** What stands on the table now is the best so far. */
    private function take(): void
    {
        $this->placed = $this->table->placed;
        $this->inPeak = $this->peakNow();
    }

    /** @return array<int, true> groups with a turn in the best minutes */
    private function peakNow(): array
    {
        $groups = [];
        foreach ($this->table->placed as $wish => [$station, $start]) {
            if ($this->grid->isInPeak[$station][$start]) {
                $groups[$this->table->groupOf[$wish]] = true;
            }
        }

        return $groups;
    }

    /**
     * Tries to bring one group after the other into the best minutes.
     *
     * @param bool $mayGo whether one that is there may go for it, so that the next has another timetable to start from
     */
    private function raisePeak(int $end, bool $mayGo): void
    {
        foreach ($this->table->wishesOf as $g => $own) {
            $wish = array_values(array_filter($own, fn(int $w): bool => isset($this->placed[$w])))[0] ?? null;
            if ($wish === null || isset($this->inPeak[$g]) || $this->placing->looks >= $end || !$this->mayBeInPeak($g)) {
                continue;
            }
            $there = $this->peakWishes();
            if ($mayGo && $there !== []) {
                array_splice($there, $this->random->getInt(0, count($there) - 1), 1);
            }
            $this->placing->wantInPeak([$wish, ...$there]);
            [$roster, $before] = [clone $this->placing->roster, $this->inPeak];
            $this->table->remove($wish);
            if ($this->placing->place([$wish], self::LOOKS_FOR_ONE) !== [] || count($this->peakNow()) < count($before)) {
                $this->placing->restore($this->placed);
                $this->placing->roster = $roster;
            } else {
                $this->take();
            }
        }
    }

    /** @return list<int> of each group in the best minutes the wish that is there */
    private function peakWishes(): array
    {
        $wishes = [];
        foreach ($this->placed as $wish => [$station, $start]) {
            if ($this->grid->isInPeak[$station][$start]) {
                $wishes[$this->table->groupOf[$wish]] = $wish;
            }
        }

        return array_values($wishes);
    }

    private function comeNearer(): void
    {
        $this->placing->restore($this->placed);
        $this->placing->wantInPeak($this->peakWishes());
        foreach (array_keys($this->placed) as $wish) {
            $roster = clone $this->placing->roster;
            if ($this->placing->moveNearer($wish)) {
                if ($this->placing->isCovered()) {
                    $this->take();
                } else {
                    $this->placing->restore($this->placed);
                    $this->placing->roster = $roster;
                }
            }
        }
    }

    /** Fewer change-overs: of the helpers as they were found, and as they are found when all that stands is known. */
    private function smooth(): void
    {
        $fresh = new Roster($this->grid, $this->random);
        $looks = 0;
        $isCovered = $fresh->cover($this->table->occupied, self::TRIES_FOR_FRESH, $looks) === [];
        if ($this->placing->roster->smooth($this->table->occupied) > ($isCovered ? $fresh->smooth($this->table->occupied) : INF)) {
            $this->placing->roster = $fresh;
        }
    }
}
