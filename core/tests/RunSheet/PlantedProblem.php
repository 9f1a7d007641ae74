<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Problems by chance that have an answer, because one is made first: turns are set, helpers are sent to them, and only then is it
 * written down what groups, stations and helpers can do. Plain JSON values, nothing of the solver.
 *
 * @phpstan-import-type Problem from RotationRules
 * @phpstan-import-type Station from RotationRules
 * @phpstan-import-type Group from RotationRules
 * @phpstan-import-type Helper from RotationRules
 */
final class PlantedProblem
{
    private const METHODS = ['glasses', 'pinhole', 'projection', 'telescope', 'mirror'];

    private readonly Randomizer $random;

    private readonly int $stepMin;

    /** Steps of the day, which begins at nine. */
    private readonly int $steps;

    /** @var list<array{length: int, method: string, crew: int, training: list<string>}> */
    private array $stations = [];

    /** @var array<int, array<int, int>> steps of walking */
    private array $walk = [];

    /** @var list<array{people: int, turns: list<array{int, int}>}> station and first step of each turn */
    private array $groups = [];

    /** @var list<array{training: list<string>, where: array<int, int>}> station by step */
    private array $crew = [];

    private readonly int $rest;

    private readonly ?int $longest;

    private function __construct(int $seed, private readonly int $mostGroups, private readonly int $mostStations, ?int $stepMin)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar($seed));
        $this->stepMin = $stepMin ?? [1, 5, 5, 10][$this->chance(0, 3)];
        $this->steps = intdiv($this->chance(60, 150), $this->stepMin);
        $this->rest = $this->chance(1, 2);
        $this->longest = $this->chance(0, 1) === 1 ? $this->chance(intdiv(30, $this->stepMin), intdiv(60, $this->stepMin)) : null;
    }

    /** @return array{problem: Problem, peak: int} with how many groups have a turn in the best minutes in the answer that was made first */
    public static function of(int $seed, int $mostGroups = 24, int $mostStations = 8, ?int $stepMin = null): array
    {
        $planted = new self($seed, $mostGroups, $mostStations, $stepMin);
        $planted->setStations();
        $planted->setTurns();
        $planted->sendHelpers();

        return $planted->written();
    }

    private function setStations(): void
    {
        for ($s = 0, $n = $this->chance(2, $this->mostStations); $s < $n; ++$s) {
            $this->stations[] = [
                'length' => max(1, intdiv(5 * $this->chance(2, 4), $this->stepMin)),
                'method' => self::METHODS[$s < 3 ? $s : $this->chance(0, 4)],
                'crew' => $this->chance(0, 2),
                'training' => $this->chance(0, 2) === 0 ? [['optics', 'checks'][$this->chance(0, 1)]] : [],
            ];
            for ($other = 0; $other < $s; ++$other) {
                $this->walk[$s][$other] = $this->walk[$other][$s] = $this->chance(0, 2) === 0 ? 1 : 0;
            }
        }
    }

    private function setTurns(): void
    {
        for ($g = 0, $n = $this->chance(2, $this->mostGroups); $g < $n; ++$g) {
            $turns = [];
            for ($try = 0, $wanted = $this->chance(1, 3); $try < 40 && count($turns) < $wanted; ++$try) {
                $s = $this->chance(0, count($this->stations) - 1);
                $t = $this->chance(0, max(0, $this->steps - $this->stations[$s]['length']));
                $isApart = array_filter($turns, fn(array $turn): bool => $turn[0] === $s
                    || $turn[1] < $t + $this->stations[$s]['length'] + $this->walk[$s][$turn[0]] && $t < $turn[1] + $this->stations[$turn[0]]['length'] + $this->walk[$s][$turn[0]]) === [];
                if ($isApart && $t + $this->stations[$s]['length'] <= $this->steps) {
                    $turns[] = [$s, $t];
                }
            }
            if ($turns !== []) {
                $this->groups[] = ['people' => $this->chance(8, 30), 'turns' => $turns];
            }
        }
    }

    private function sendHelpers(): void
    {
        for ($t = 0; $t < $this->steps; ++$t) {
            foreach ($this->stations as $s => $station) {
                for ($i = $this->people($s, $t) > 0 ? $station['crew'] : 0; $i > 0; --$i) {
                    $this->send($s, $t);
                }
            }
        }
    }

    private function send(int $s, int $t): void
    {
        $order = array_keys($this->crew);
        usort($order, fn(int $a, int $b): int => (($this->crew[$b]['where'][$t - 1] ?? -1) === $s) <=> (($this->crew[$a]['where'][$t - 1] ?? -1) === $s));
        foreach ($order as $h) {
            if ($this->mayGo($h, $s, $t)) {
                $this->crew[$h]['where'][$t] = $s;

                return;
            }
        }
        $this->crew[] = ['training' => $this->stations[$s]['training'], 'where' => [$t => $s]];
    }

    private function mayGo(int $h, int $s, int $t): bool
    {
        $where = $this->crew[$h]['where'];
        if (isset($where[$t]) || array_diff($this->stations[$s]['training'], $this->crew[$h]['training']) !== []) {
            return false;
        }
        foreach ($where as $t2 => $s2) {
            if ($s2 !== $s && $t - $t2 - 1 < $this->walk[$s][$s2]) {
                return false;
            }
        }
        $began = $t;
        for ($u = $t - 1; $u >= 0 && $began - $u <= $this->rest; --$u) {
            $began = isset($where[$u]) ? $u : $began;
        }

        return $this->longest === null || $t - $began < $this->longest;
    }

    /** @return array{problem: Problem, peak: int} */
    private function written(): array
    {
        $peakFrom = 540 + $this->chance(0, intdiv($this->steps * $this->stepMin, 2));
        $peak = [$peakFrom, $peakFrom + $this->chance(10, 30)];
        $glasses = array_map(fn(int $t): int => array_sum(array_map(fn(int $s): int => $this->stations[$s]['method'] === 'glasses' ? $this->people($s, $t) : 0, array_keys($this->stations))), range(0, $this->steps - 1));

        return ['problem' => [
            'step_min' => $this->stepMin, 'from' => '09:00', 'to' => $this->time($this->steps), 'peak' => array_map(self::clock(...), $peak),
            'stations' => array_map($this->station(...), array_keys($this->stations)),
            'groups' => array_map($this->group(...), array_keys($this->groups)),
            'crew' => array_map($this->helper(...), array_keys($this->crew)),
            'walk_min' => $this->ways(),
            'glasses' => ['fit' => max(1, ...$glasses)],
        ], 'peak' => count(array_filter($this->groups, fn(array $g): bool => $this->isInPeak($g['turns'], $peak)))];
    }

    /**
     * @param list<array{int, int}> $turns
     * @param array{int, int} $peak
     */
    private function isInPeak(array $turns, array $peak): bool
    {
        foreach ($turns as [$s, $t]) {
            if (min($peak[1], $this->minute($t + $this->stations[$s]['length'])) - max($peak[0], $this->minute($t)) >= $this->stepMin) {
                return true;
            }
        }

        return false;
    }

    /** @return Station */
    private function station(int $s): array
    {
        return ['id' => "s{$s}", 'method' => $this->stations[$s]['method'], 'capacity' => max(1, ...array_map(fn(int $t): int => $this->people($s, $t), range(0, $this->steps - 1))), 'minutes' => $this->stations[$s]['length'] * $this->stepMin] + array_intersect_key($this->stations[$s], ['crew' => 0, 'training' => 0]);
    }

    /** @return Group */
    private function group(int $g): array
    {
        $methods = array_map(fn(array $turn): string => $this->stations[$turn[0]]['method'], $this->groups[$g]['turns']);
        $wide = $this->chance(0, 6);
        $free = [];
        foreach ($this->groups[$g]['turns'] as [$s, $t]) {
            for ($u = max(0, $t - $wide); $u < min($this->steps, $t + $this->stations[$s]['length'] + $wide); ++$u) {
                $free[$u] = true;
            }
        }
        $begins = array_filter(range(0, $this->steps), static fn(int $u): bool => isset($free[$u]) && !isset($free[$u - 1]));
        $ends = array_filter(range(0, $this->steps), static fn(int $u): bool => !isset($free[$u]) && isset($free[$u - 1]));
        $stretches = array_map(fn(int $from, int $to): array => [$this->time($from), $this->time($to)], $begins, $ends);

        return ['id' => "g{$g}", 'people' => $this->groups[$g]['people'], 'methods' => array_values(array_unique([...$methods, self::METHODS[$this->chance(0, 4)]])), 'free' => $stretches, 'turns' => count($this->groups[$g]['turns'])];
    }

    /** @return Helper */
    private function helper(int $h): array
    {
        $there = array_keys($this->crew[$h]['where']);
        $limits = $this->longest === null ? [] : ['longest_min' => $this->longest * $this->stepMin, 'rest_min' => $this->rest * $this->stepMin];

        return ['id' => "c{$h}", 'training' => $this->crew[$h]['training'], 'free' => [[$this->time(max(0, min([$this->steps, ...$there]) - $this->chance(0, 3))), $this->time(min($this->steps, max([0, ...$there]) + 1 + $this->chance(0, 3)))]]] + $limits;
    }

    /** @return array<string, array<string, int>> */
    private function ways(): array
    {
        $ways = [];
        foreach ($this->walk as $a => $row) {
            foreach ($row as $b => $steps) {
                if ($a < $b && $steps > 0) {
                    $ways["s{$a}"]["s{$b}"] = $steps * $this->stepMin;
                }
            }
        }

        return $ways;
    }

    private function people(int $station, int $step): int
    {
        $isThere = fn(int $s, int $t): bool => $s === $station && $t <= $step && $step < $t + $this->stations[$station]['length'];

        return array_sum(array_map(static fn(array $group): int => array_filter($group['turns'], static fn(array $turn): bool => $isThere(...$turn)) === [] ? 0 : $group['people'], $this->groups));
    }

    private function minute(int $step): int
    {
        return 540 + $step * $this->stepMin;
    }

    private function time(int $step): string
    {
        return self::clock($this->minute($step));
    }

    private static function clock(int $minute): string
    {
        return sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);
    }

    private function chance(int $least, int $most): int
    {
        return $this->random->getInt($least, max($least, $most));
    }
}
