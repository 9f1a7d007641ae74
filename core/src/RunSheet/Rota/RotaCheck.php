<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

use KeenShadow\Core\RunSheet\Rotation\Group;
use KeenShadow\Core\RunSheet\Rotation\Helper;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Problem;
use KeenShadow\Core\RunSheet\Rotation\Station;
use KeenShadow\Core\RunSheet\Rotation\Stretch;
use KeenShadow\Core\RunSheet\Rotation\Turn;

/** Turns and posts held against what groups, stations and helpers can do, by the minute: made by hand they may break any rule. */
final class RotaCheck
{
    /** @var array<string, Station> */
    private readonly array $stations;

    /** @var array<string, Group> */
    private readonly array $groups;

    /** @var array<string, Helper> */
    private readonly array $crew;

    /** @var list<Turn> */
    private array $turns = [];

    /** @var list<Post> */
    private array $posts = [];

    /** @var list<Fault> */
    private array $faults = [];

    /**
     * @param list<Turn> $turns
     * @param list<Post> $posts
     */
    private function __construct(private readonly Problem $problem, array $turns, array $posts)
    {
        $this->stations = array_column($problem->stations, null, 'id');
        $this->groups = array_column($problem->groups, null, 'id');
        $this->crew = array_column($problem->crew, null, 'id');
        foreach ($turns as $turn) {
            if (isset($this->groups[$turn->group], $this->stations[$turn->station])) {
                $this->turns[] = $turn;
            } else {
                $this->faults[] = new Fault(FaultKind::Gone, $turn->startMin, $turn->endMin, group: $turn->group, station: $turn->station);
            }
        }
        foreach ($posts as $post) {
            if (isset($this->crew[$post->helper], $this->stations[$post->station])) {
                $this->posts[] = $post;
            } else {
                $this->faults[] = new Fault(FaultKind::Gone, $post->startMin, $post->endMin, station: $post->station, helper: $post->helper);
            }
        }
    }

    /**
     * @param list<Turn> $turns
     * @param list<Post> $posts
     *
     * @return list<Fault> in order of time
     */
    public static function of(Problem $problem, array $turns, array $posts): array
    {
        $check = new self($problem, $turns, $posts);
        array_map($check->turn(...), $check->turns);
        array_map($check->group(...), $problem->groups);
        array_map($check->station(...), $problem->stations);
        $check->pairs();
        array_map($check->post(...), $check->posts);
        array_map($check->helper(...), $problem->crew);
        usort($check->faults, static fn(Fault $a, Fault $b): int => [$a->fromMin, $a->kind->value, $a->station, $a->group, $a->helper] <=> [$b->fromMin, $b->kind->value, $b->station, $b->group, $b->helper]);

        return $check->faults;
    }

    /**
     * @param list<Turn> $turns
     *
     * @return list<Stretch> when helpers are to be at a station: with a group, and all the time where it is never alone
     */
    public static function staffed(Problem $problem, string $station, array $turns): array
    {
        $check = new self($problem, $turns, []);
        $staffed = [];
        for ($t = $problem->within->fromMin; $t < $problem->within->toMin; ++$t) {
            $last = array_key_last($staffed);
            if (!isset($check->stations[$station]) || !$check->isOccupied($check->stations[$station], $t) && !$check->isWatched($check->stations[$station], $t)) {
                continue;
            }
            if ($last !== null && $staffed[$last]->toMin === $t) {
                $staffed[$last] = new Stretch($staffed[$last]->fromMin, $t + 1);
            } else {
                $staffed[] = new Stretch($t, $t + 1);
            }
        }

        return $staffed;
    }

    private function isOccupied(Station $station, int $minute): bool
    {
        return array_filter($this->turns, static fn(Turn $t): bool => $t->station === $station->id && $t->startMin <= $minute && $minute < $t->endMin) !== [];
    }

    private function isWatched(Station $station, int $minute): bool
    {
        return $station->isNeverAlone && $station->isOpen($minute, $minute + 1) && Stretch::oneHas([$this->problem->within], $minute, $minute + 1);
    }

    private function turn(Turn $turn): void
    {
        [$group, $station] = [$this->groups[$turn->group], $this->stations[$turn->station]];
        $isOff = ($turn->startMin - $this->problem->within->fromMin) % $this->problem->stepMin !== 0;
        foreach ([
            FaultKind::MethodRefused->value => !in_array($station->method, $group->methods, true),
            FaultKind::WrongLength->value => $turn->endMin - $turn->startMin !== $station->minutes,
            FaultKind::OffTheStep->value => $isOff,
            FaultKind::GroupAway->value => !Stretch::oneHas($group->free, $turn->startMin, $turn->endMin),
            FaultKind::StationClosed->value => !$station->isOpen($turn->startMin, $turn->endMin) || !Stretch::oneHas([$this->problem->within], $turn->startMin, $turn->endMin),
        ] as $kind => $isWrong) {
            if ($isWrong) {
                $this->faults[] = new Fault(FaultKind::from($kind), $turn->startMin, $turn->endMin, group: $turn->group, station: $turn->station);
            }
        }
    }

    private function group(Group $group): void
    {
        $turns = array_values(array_filter($this->turns, static fn(Turn $t): bool => $t->group === $group->id));
        usort($turns, static fn(Turn $a, Turn $b): int => $a->startMin <=> $b->startMin);
        foreach ($turns as $i => $turn) {
            foreach (array_slice($turns, $i + 1) as $next) {
                if ($turn->station === $next->station || $next->startMin < $turn->endMin + $this->problem->walk($turn->station, $next->station)) {
                    $this->faults[] = new Fault(FaultKind::GroupTwice, $next->startMin, $next->endMin, group: $group->id, station: $next->station);
                }
            }
        }
        if (count($turns) !== $group->turns) {
            $this->faults[] = new Fault(count($turns) > $group->turns ? FaultKind::TooManyTurns : FaultKind::TooFewTurns, $this->problem->within->fromMin, $this->problem->within->toMin, group: $group->id, count: abs(count($turns) - $group->turns));
        }
    }

    private function station(Station $station): void
    {
        $trained = array_filter($this->posts, fn(Post $p): bool => $p->station === $station->id && $this->crew[$p->helper]->mayServe($station));
        $this->sweep(function (int $t) use ($station): ?Fault {
            $over = $this->people($station->id, $t) - $station->capacity;

            return $over > 0 ? new Fault(FaultKind::TooManyPeople, $t, $t + 1, station: $station->id, count: $over) : null;
        });
        $this->sweep(function (int $t) use ($station, $trained): ?Fault {
            $isOccupied = $this->isOccupied($station, $t);
            if (!$isOccupied && !$this->isWatched($station, $t)) {
                return null;
            }
            $there = count(array_unique(array_column(array_filter($trained, static fn(Post $p): bool => $p->startMin <= $t && $t < $p->endMin), 'helper')));

            return $there < $station->crew ? new Fault($isOccupied ? FaultKind::Unstaffed : FaultKind::Alone, $t, $t + 1, station: $station->id, count: $station->crew - $there) : null;
        });
    }

    private function pairs(): void
    {
        $with = array_filter($this->stations, static fn(Station $s): bool => $s->needsGlasses());
        $this->sweep(function (int $t) use ($with): ?Fault {
            $short = array_sum(array_map(fn(Station $s): int => $this->people($s->id, $t), $with)) - ($this->problem->fit ?? PHP_INT_MAX);

            return $short > 0 ? new Fault(FaultKind::TooFewPairs, $t, $t + 1, count: $short) : null;
        });
    }

    private function post(Post $post): void
    {
        [$helper, $station] = [$this->crew[$post->helper], $this->stations[$post->station]];
        if (!$helper->mayServe($station)) {
            $this->faults[] = new Fault(FaultKind::Untrained, $post->startMin, $post->endMin, station: $post->station, helper: $post->helper);
        }
        if (!Stretch::oneHas($helper->free, $post->startMin, $post->endMin)) {
            $this->faults[] = new Fault(FaultKind::HelperAway, $post->startMin, $post->endMin, station: $post->station, helper: $post->helper);
        }
    }

    private function helper(Helper $helper): void
    {
        $posts = array_values(array_filter($this->posts, static fn(Post $p): bool => $p->helper === $helper->id));
        usort($posts, static fn(Post $a, Post $b): int => [$a->startMin, $a->endMin] <=> [$b->startMin, $b->endMin]);
        [$began, $ended] = [0, PHP_INT_MIN];
        foreach ($posts as $i => $post) {
            $walk = $i === 0 ? 0 : $this->problem->walk($posts[$i - 1]->station, $post->station);
            if ($i > 0 && ($post->startMin < $ended || $post->startMin < $posts[$i - 1]->endMin + $walk)) {
                $this->faults[] = new Fault(FaultKind::HelperTwice, $post->startMin, $post->endMin, station: $post->station, helper: $helper->id);
            }
            $began = $i === 0 || $post->startMin - $ended >= max(1, $helper->restMin) ? $post->startMin : $began;
            $ended = max($ended, $post->endMin);
            if ($helper->longestMin !== null && $ended - $began > $helper->longestMin) {
                $this->faults[] = new Fault(FaultKind::NoRest, $began, $ended, station: $post->station, helper: $helper->id, count: $ended - $began);
            }
        }
    }

    private function people(string $station, int $minute): int
    {
        return array_sum(array_map(fn(Turn $t): int => $t->station === $station && $t->startMin <= $minute && $minute < $t->endMin ? $this->groups[$t->group]->people : 0, $this->turns));
    }

    /**
     * Goes through all minutes with people or within the hours; what is wrong for minutes on end is one fault.
     *
     * @param callable(int): (Fault|null) $at
     */
    private function sweep(callable $at): void
    {
        $from = min([$this->problem->within->fromMin, ...array_column($this->turns, 'startMin')]);
        $to = max([$this->problem->within->toMin, ...array_column($this->turns, 'endMin')]);
        $open = null;
        for ($t = $from; $t < $to; ++$t) {
            $fault = $at($t);
            if ($open !== null && $fault !== null && $fault->kind === $open->kind && $fault->count === $open->count) {
                $open = new Fault($open->kind, $open->fromMin, $t + 1, station: $open->station, count: $open->count);
                continue;
            }
            array_push($this->faults, ...($open === null ? [] : [$open]));
            $open = $fault;
        }
        array_push($this->faults, ...($open === null ? [] : [$open]));
    }
}
