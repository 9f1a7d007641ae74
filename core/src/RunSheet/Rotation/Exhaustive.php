<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Whether all turns can be placed, by trying everything: the wish with the fewest places left first (fail first: Haralick and
 * Elliott, Artificial Intelligence 14 (1980) 263), and of turns that could change places only one order.
 */
final class Exhaustive
{
    private const TRIES_FOR_A_POST = 60;

    private readonly Timetable $table;

    private Roster $roster;

    private readonly bool $isCoupled;

    /** @var array<int, list<int>> wishes that are the same in all but their number, in the order that they have to keep */
    private array $alike = [];

    private int $looks = 0;

    public function __construct(private readonly Grid $grid, private readonly int $most)
    {
        $this->isCoupled = Duty::isCoupled($grid->problem);
        $this->table = new Timetable($grid);
        $this->roster = new Roster($grid, new Randomizer(new Xoshiro256StarStar(1)));
        $same = [];
        foreach ($this->table->wishesOf as $g => $wishes) {
            $group = $grid->problem->groups[$g];
            $same[count($wishes) === 1 ? serialize([$group->people, $grid->starts[$g]]) : "group {$g}"][] = $wishes;
        }
        foreach ($same as $wishes) {
            $wishes = array_merge(...$wishes);
            foreach ($wishes as $wish) {
                $this->alike[$wish] = $wishes;
            }
        }
    }

    /** @return bool|null null where so many looks were not enough to tell */
    public function isPossible(): ?bool
    {
        $asked = array_sum(array_map(static fn(Group $g): int => $g->turns, $this->grid->problem->groups));
        if (count($this->table->groupOf) < $asked) {
            return false;
        }

        return $this->search(array_fill_keys(array_keys($this->table->groupOf), true));
    }

    /** What was looked at so far. */
    public function looks(): int
    {
        return $this->looks;
    }

    /** @param array<int, true> $waiting */
    private function search(array $waiting): ?bool
    {
        if ($waiting === []) {
            return true;
        }
        [$wish, $places] = $this->tightest($waiting);
        unset($waiting[$wish]);
        $isSure = true;
        foreach ($places as [$station, $start]) {
            if ($this->looks > $this->most) {
                return null;
            }
            $this->table->place($wish, $station, $start);
            $roster = clone $this->roster;
            $isStaffed = $this->isStaffed();
            $isPossible = $isStaffed === false ? false : $this->search($waiting);
            if ($isPossible === true && $isStaffed === true) {
                return true;
            }
            $isSure = $isSure && $isPossible === false;
            $this->table->remove($wish);
            $this->roster = $roster;
        }

        return $isSure ? false : null;
    }

    /**
     * @param array<int, true> $waiting
     *
     * @return array{int, list<array{int, int}>} the wish with the fewest places, and these
     */
    private function tightest(array $waiting): array
    {
        [$best, $fewest] = [0, null];
        foreach ($waiting as $wish => $_) {
            $places = $this->places($wish);
            if ($fewest === null || count($places) < count($fewest)) {
                [$best, $fewest] = [$wish, $places];
            }
            if ($places === []) {
                break;
            }
        }

        return [$best, $fewest ?? []];
    }

    /** @return list<array{int, int}> station and start */
    private function places(int $wish): array
    {
        [$least, $most] = [[-1, -1], [PHP_INT_MAX, 0]];
        foreach ($this->alike[$wish] as $other) {
            if ($other !== $wish && isset($this->table->placed[$other])) {
                [$station, $start] = $this->table->placed[$other];
                $least = $other < $wish ? max($least, [$start, $station]) : $least;
                $most = $other > $wish ? min($most, [$start, $station]) : $most;
            }
        }
        $places = [];
        foreach ($this->grid->starts[$this->table->groupOf[$wish]] as $station => $starts) {
            foreach ($starts as $start) {
                ++$this->looks;
                if ([$start, $station] >= $least && [$start, $station] <= $most && $this->table->isFree($wish, $station, $start)) {
                    $places[] = [$station, $start];
                }
            }
        }

        return $places;
    }

    private function isStaffed(): ?bool
    {
        if (!$this->isCoupled || $this->roster->cover($this->table->occupied, self::TRIES_FOR_A_POST, $this->looks) === []) {
            return true;
        }

        return (new ExactRoster($this->grid))->isPossible($this->table->occupied, $this->looks, $this->most);
    }
}
