<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

use KeenShadow\Core\RunSheet\Rotation\Grid;
use KeenShadow\Core\RunSheet\Rotation\Group;
use KeenShadow\Core\RunSheet\Rotation\Helper;
use KeenShadow\Core\RunSheet\Rotation\Problem;
use KeenShadow\Core\RunSheet\Rotation\Search;
use KeenShadow\Core\RunSheet\Rotation\SlotBound;
use KeenShadow\Core\RunSheet\Rotation\Station;
use KeenShadow\Core\RunSheet\Rotation\Stretch;
use KeenShadow\Core\RunSheet\Rotation\Unmet;

/**
 * What would let a group have its turns: of each thing that stands in its way the least change with which all of the conflict
 * can be had. A change that mends the conflict and leaves the whole no better is not named.
 */
final class Mend
{
    private const LOOKS_TO_PLACE = 2_000;
    private const LOOKS_AT_ALL = 30_000;
    /** So often a change is tried on the conflict before what is found is enough: some second. */
    private const TRIES = 40;
    private const NEW_HELPER = "\0new";
    private const MOST_HELPERS = 4;
    private const MOST_FREE_MIN = 60;

    private int $tries = 0;

    private function __construct(private readonly Problem $problem, private readonly Unmet $unmet) {}

    /**
     * @param int $had turns of all groups together, as they were found
     *
     * @return list<Remedy> the smallest trouble first
     */
    public static function of(Problem $problem, Unmet $unmet, int $had): array
    {
        $mend = new self($problem, $unmet);
        $remedies = [];
        foreach ($mend->wants() as [$kind, $id, $amounts]) {
            $remedy = $mend->least($kind, $id, $amounts);
            if ($remedy !== null && $mend->turnsWith($remedy) > $had - ($kind === RemedyKind::Turn ? $remedy->amount : 0)) {
                $remedies[] = $remedy;
            }
        }

        return $remedies;
    }

    /** The problem with a change made. */
    public static function changed(Problem $p, Remedy $remedy): Problem
    {
        $isIt = static fn(Station|Group $one): bool => $one->id === $remedy->id;
        $stations = array_map(static fn(Station $s): Station => match (true) {
            !$isIt($s) => $s,
            $remedy->kind === RemedyKind::Capacity => self::station($s, $s->capacity + $remedy->amount, $s->minutes),
            $remedy->kind === RemedyKind::Shorter => self::station($s, $s->capacity, $s->minutes - $remedy->amount),
            default => $s,
        }, $p->stations);
        $groups = array_map(static fn(Group $g): Group => match (true) {
            !$isIt($g) => $g,
            $remedy->kind === RemedyKind::Free => new Group($g->id, $g->people, $g->methods, self::wider($g->free, $remedy->amount, $p->within), $g->turns),
            $remedy->kind === RemedyKind::Turn => new Group($g->id, $g->people, $g->methods, $g->free, $g->turns - $remedy->amount),
            default => $g,
        }, $p->groups);
        $more = $remedy->kind === RemedyKind::Helpers ? array_map(static fn(int $i): Helper => self::helper($p, $i), range(1, $remedy->amount)) : [];
        $fit = $p->fit === null || $remedy->kind !== RemedyKind::Pairs ? $p->fit : $p->fit + $remedy->amount;

        return new Problem($p->stepMin, $p->within, $p->peak, $stations, $groups, [...$p->crew, ...$more], $p->walkMin, $fit);
    }

    /** @return list<array{RemedyKind, string, list<int>}> what may be changed, and by how much at a time; the smallest trouble first */
    private function wants(): array
    {
        $in = array_fill_keys($this->unmet->conflict, true);
        $wants = [];
        $own = array_column(array_filter($this->problem->groups, fn(Group $g): bool => $g->id === $this->unmet->group), 'methods')[0] ?? [];
        $most = max(1, ...array_map(static fn(Group $g): int => isset($in[$g->id]) ? $g->people : 0, $this->problem->groups));
        foreach ($this->problem->stations as $s) {
            // Of a conflict that is not proven nearly everything is named: what can be tried for each is kept short.
            if (isset($in[$s->id]) && $this->unmet->isProven) {
                $wants[] = [RemedyKind::Capacity, $s->id, range(1, $most * 2)];
            }
            if (in_array($s->method, $own, true)) {
                $wants[] = [RemedyKind::Shorter, $s->id, array_values(array_filter(range($this->problem->stepMin, max($this->problem->stepMin, $s->minutes), $this->problem->stepMin), static fn(int $less): bool => $less < $s->minutes))];
            }
        }
        $wants[] = [RemedyKind::Pairs, '', isset($in[Problem::FIT_GLASSES]) ? range(1, $most * 4) : []];
        $isShortOfHelp = $this->problem->crew === [] || array_filter($this->problem->crew, static fn(Helper $h): bool => isset($in[$h->id])) !== [];
        $wants[] = [RemedyKind::Helpers, '', $isShortOfHelp ? range(1, self::MOST_HELPERS) : []];
        $wants[] = [RemedyKind::Free, $this->unmet->group, range($this->problem->stepMin, self::MOST_FREE_MIN, $this->problem->stepMin)];
        foreach ($this->problem->groups as $g) {
            if (isset($in[$g->id]) && $this->unmet->isProven && $g->turns > 1 && $g->id !== $this->unmet->group) {
                $wants[] = [RemedyKind::Turn, $g->id, [1]];
            }
        }
        $order = array_flip(array_map(static fn(RemedyKind $k): string => $k->value, RemedyKind::cases()));
        usort($wants, static fn(array $a, array $b): int => $order[$a[0]->value] <=> $order[$b[0]->value]);

        return $wants;
    }

    /**
     * The least amount that mends the conflict, by halving: more never makes it worse. What does not help at its most is not
     * tried at less.
     *
     * @param list<int> $amounts from small to large
     */
    private function least(RemedyKind $kind, string $id, array $amounts): ?Remedy
    {
        [$low, $high] = [0, count($amounts) - 1];
        if ($amounts === [] || $this->tries >= self::TRIES || !$this->isMendedBy(new Remedy($kind, $id, $amounts[$high]))) {
            return null;
        }
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $this->isMendedBy(new Remedy($kind, $id, $amounts[$middle])) ? [$low, $middle] : [$middle + 1, $high];
        }

        return new Remedy($kind, $id, $amounts[$low]);
    }

    private function isMendedBy(Remedy $remedy): bool
    {
        ++$this->tries;
        $ids = array_fill_keys($this->unmet->conflict, true);
        // A helper more is one like the others, not one without limits.
        $isShortOfHelp = $remedy->kind === RemedyKind::Helpers;
        foreach (range(1, self::MOST_HELPERS) as $i) {
            $ids += $isShortOfHelp ? [self::NEW_HELPER . $i => true] : [];
        }
        $grid = new Grid(self::changed($this->problem, $remedy)->only($ids));

        // Counting tells at once of many that they do not help.
        return !(new SlotBound($grid))->isImpossible() && (new Search($grid))->placesAll(self::LOOKS_TO_PLACE);
    }

    /** Turns of all groups together with a change made. */
    private function turnsWith(Remedy $remedy): int
    {
        $search = new Search(new Grid(self::changed($this->problem, $remedy)));
        $search->run(self::LOOKS_AT_ALL);

        return count($search->turns());
    }

    private static function station(Station $s, int $capacity, int $minutes): Station
    {
        return new Station($s->id, $s->method, $capacity, $minutes, $s->crew, $s->training, $s->open, $s->isNeverAlone);
    }

    private static function helper(Problem $p, int $i): Helper
    {
        return new Helper(self::NEW_HELPER . $i, array_values(array_unique(array_merge(...array_map(static fn(Station $s): array => $s->training, $p->stations)))), [$p->within]);
    }

    /**
     * @param list<Stretch> $free
     *
     * @return list<Stretch> each longer at both ends, within the time; those that meet are one
     */
    private static function wider(array $free, int $minutes, Stretch $within): array
    {
        $wider = [];
        foreach ($free as $s) {
            $s = new Stretch(max($within->fromMin, $s->fromMin - $minutes), min($within->toMin, $s->toMin + $minutes));
            $last = array_key_last($wider);
            if ($last !== null && $s->fromMin <= $wider[$last]->toMin) {
                $wider[$last] = new Stretch($wider[$last]->fromMin, max($wider[$last]->toMin, $s->toMin));
            } else {
                $wider[] = $s;
            }
        }

        return $wider;
    }
}
