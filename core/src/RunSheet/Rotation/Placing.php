<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

use Random\Randomizer;

/**
 * Places wishes on a timetable. A wish for which there is no room takes that of others, those that were hard to place last, and
 * the others wait for a place in their turn (the ejection pool with guided prices of Nagata and Bräysy, Operations Research
 * Letters 37 (2009) 333, for turns instead of parcels).
 */
final class Placing
{
    /** How many wishes move at will after one has taken the place of others. */
    private const SHAKEN = 3;

    /** A round takes as long as so many looks, even where there are few places. */
    private const LOOKS_OF_A_ROUND = 40;

    /** How many of the places where nothing has to give way are tried, until one has helpers. */
    private const TRIED = 4;

    /** How often a hard post takes a helper from others before it is given up. */
    private const TRIES_FOR_A_POST = 30;
    private const TRIES_AT_LAST = 10_000;

    private readonly Prices $prices;

    /** @var array<int, true> wishes that are only content in the best minutes */
    private array $inPeak = [];

    /** Places that were looked at. */
    public int $looks = 0;

    /** @param bool $isCoupled whether it matters where helpers were before and will be after */
    public function __construct(public readonly Timetable $table, public Roster $roster, private readonly Randomizer $random, private readonly bool $isCoupled)
    {
        $this->prices = new Prices($table, $isCoupled);
    }

    /** @param list<int> $wishes that count only in the best minutes from now on; all others are content anywhere */
    public function wantInPeak(array $wishes): void
    {
        $this->inPeak = array_fill_keys($wishes, true);
    }

    /**
     * @param list<int> $waiting
     * @param int $most places to look at before giving up
     *
     * @return list<int> wishes still waiting; where some are, those placed are as many as there ever were
     */
    public function place(array $waiting, int $most): array
    {
        $this->hardestLast($waiting);
        $waiting = array_reverse(array_values(array_filter(array_reverse($waiting), fn(int $wish): bool => !$this->placeFree($wish))));
        [$best, $bestPlaced, $bestRoster] = [$waiting, $this->table->placed, clone $this->roster];
        $end = $this->looks + $most;
        while (($wish = array_pop($waiting)) !== null) {
            if ($this->looks >= $end) {
                $this->restore($bestPlaced);
                $this->roster = $bestRoster;

                return array_values(array_filter($best, fn(int $wish): bool => !$this->placeFree($wish)));
            }
            $this->looks += self::LOOKS_OF_A_ROUND;
            if (!$this->placeFree($wish)) {
                $this->prices->wasHard($wish);
                array_push($waiting, ...$this->placeInstead($wish), ...($this->isCoupled ? $this->settle() : []));
                $this->shake();
            }
            if (count($waiting) < count($best)) {
                [$best, $bestPlaced, $bestRoster] = [$waiting, $this->table->placed, clone $this->roster];
            }
        }

        return [];
    }

    /** @param array<int, array{int, int}> $placed */
    public function restore(array $placed): void
    {
        foreach (array_keys($this->table->placed) as $wish) {
            $this->table->remove($wish);
        }
        foreach ($placed as $wish => [$station, $start]) {
            $this->table->place($wish, $station, $start);
        }
    }

    /** Moves a turn nearer to the best minutes, or leaves it. */
    public function moveNearer(int $wish): bool
    {
        [$station, $start] = $this->table->placed[$wish];
        $this->table->remove($wish);
        [$best, $least] = [[$station, $start], $this->table->grid->distance[$station][$start]];
        foreach ($this->placesOf($wish) as [$s, $t]) {
            if ($this->table->grid->distance[$s][$t] < $least && $this->table->isFree($wish, $s, $t)) {
                [$best, $least] = [[$s, $t], $this->table->grid->distance[$s][$t]];
            }
        }
        $this->table->place($wish, ...$best);

        return $best !== [$station, $start];
    }

    /** @return iterable<array{int, int}> stations and first steps that a wish may have at all */
    private function placesOf(int $wish): iterable
    {
        $wantsPeak = isset($this->inPeak[$wish]);
        foreach ($this->table->grid->starts[$this->table->groupOf[$wish]] as $station => $starts) {
            foreach ($starts as $start) {
                if (!$wantsPeak || $this->table->grid->isInPeak[$station][$start]) {
                    ++$this->looks;
                    yield [$station, $start];
                }
            }
        }
    }

    private function placeFree(int $wish): bool
    {
        $costs = $places = [];
        foreach ($this->placesOf($wish) as [$station, $start]) {
            if ($this->table->isFree($wish, $station, $start)) {
                $places[] = [$station, $start];
                $costs[] = $this->prices->ofPlace($station, $start) + $this->random->getInt(0, 999) / 1000;
            }
        }
        asort($costs);
        foreach (array_slice(array_keys($costs), 0, $this->isCoupled ? self::TRIED : 1) as $i) {
            $this->table->place($wish, ...$places[$i]);
            $roster = clone $this->roster;
            $missing = $this->isCoupled ? $this->cover(self::TRIES_FOR_A_POST) : [];
            if ($missing === []) {
                return true;
            }
            $this->prices->wereWanting($missing);
            $this->table->remove($wish);
            $this->roster = $roster;
        }

        return false;
    }

    /** Whether there are helpers for all that stands; where it matters neither what was before nor what comes after, there are. */
    public function isCovered(): bool
    {
        return !$this->isCoupled || $this->cover(self::TRIES_FOR_A_POST) === [];
    }

    /**
     * Finds helpers for all that stands, and takes away what stands where they are wanting.
     *
     * @return list<int> wishes
     */
    public function settle(): array
    {
        $gone = [];
        while (($missing = $this->cover($this->isCoupled ? self::TRIES_FOR_A_POST : self::TRIES_AT_LAST)) !== []) {
            $this->prices->wereWanting($missing);
            foreach ($missing as [$station, $step]) {
                $there = $this->table->wishesAt($station, $step);
                array_map($this->table->remove(...), $there);
                array_push($gone, ...$there);
                if ($there === []) {
                    $this->table->leaveAlone($station, $step);
                }
            }
        }

        return $gone;
    }

    /** @return list<array{int, int}> station and step of posts for which there is nobody */
    private function cover(int $tries): array
    {
        return $this->roster->cover($this->table->occupied, $tries, $this->looks);
    }

    /** @return list<int> wishes that had to give way, or this one where nothing helps */
    private function placeInstead(int $wish): array
    {
        [$best, $least, $out] = [null, INF, []];
        foreach ($this->placesOf($wish) as [$station, $start]) {
            $cost = $this->prices->ofTaking($wish, $station, $start) + $this->random->getInt(0, 999) / 1000;
            $blockers = $cost < $least ? $this->table->blockers($wish, $station, $start, $this->prices->ofWish, $least - $cost) : null;
            if ($blockers !== null) {
                foreach ($blockers as $other => $_) {
                    $cost += $this->prices->ofWish[$other];
                }
                if ($cost < $least) {
                    [$best, $least, $out] = [[$station, $start], $cost, array_keys($blockers)];
                }
            }
        }
        if ($best === null) {
            return [$wish];
        }
        array_map($this->table->remove(...), $out);
        $this->prices->wasTaken($wish, $best[0]);
        $this->table->place($wish, ...$best);

        return $out;
    }

    /** Some turns go elsewhere where there is room, so that the same question is not asked of the same timetable again. */
    private function shake(): void
    {
        for ($i = 0; $i < self::SHAKEN && $this->table->placed !== []; ++$i) {
            $wish = $this->random->pickArrayKeys($this->table->placed, 1)[0];
            $before = $this->table->placed[$wish];
            $this->table->remove($wish);
            if (!$this->placeFree($wish)) {
                $this->table->place($wish, ...$before);
            }
        }
    }

    /** @param list<int> $waiting */
    private function hardestLast(array &$waiting): void
    {
        $room = [];
        foreach ($waiting as $wish) {
            $room[$wish] = iterator_count($this->placesOf($wish)) / max(1, $this->table->grid->problem->groups[$this->table->groupOf[$wish]]->people);
        }
        usort($waiting, static fn(int $a, int $b): int => [$room[$b], $b] <=> [$room[$a], $a]);
    }
}
