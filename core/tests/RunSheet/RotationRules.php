<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

/**
 * The rules of a rotation (../shared exchange format, docs/FORMATS.md), checked minute by minute on problem and answer as
 * plain JSON has them. Nothing of the solver is used here.
 *
 * @phpstan-type Stretches list<array{string, string}>
 * @phpstan-type Station array{id: string, method: string, capacity: int, minutes: int, crew: int, training?: list<string>, open?: Stretches}
 * @phpstan-type Group array{id: string, people: int, methods: list<string>, free: Stretches, turns?: int}
 * @phpstan-type Helper array{id: string, training: list<string>, free: Stretches, longest_min?: int, rest_min?: int}
 * @phpstan-type Problem array{step_min: int, from: string, to: string, peak: array{string, string}, stations: list<Station>, groups: list<Group>, crew: list<Helper>, walk_min?: array<string, array<string, int>>, glasses?: array{fit: int}}
 * @phpstan-type Answer array{groups: list<array{group: string, station: string, start: string, end: string}>, crew: list<array{crew: string, station: string, start: string, end: string}>, unmet: list<array{group: string, turns: int, conflict: list<string>, why: string}>, peak: list<string>}
 */
final class RotationRules
{
    /** @var array<string, Station> */
    private array $stations;

    /** @var array<string, Group> */
    private array $groups;

    /** @var array<string, Helper> */
    private array $crew;

    /** @var list<string> */
    private array $broken = [];

    /**
     * @param Problem $problem
     * @param Answer $answer
     */
    private function __construct(private readonly array $problem, private readonly array $answer)
    {
        $this->stations = array_column($problem['stations'], null, 'id');
        $this->groups = array_column($problem['groups'], null, 'id');
        $this->crew = array_column($problem['crew'], null, 'id');
    }

    /**
     * @param Problem $problem
     * @param Answer $answer
     *
     * @return list<string> what is broken, in words
     */
    public static function broken(array $problem, array $answer): array
    {
        $rules = new self($problem, $answer);
        $rules->turns();
        $rules->people();
        $rules->staff();
        $rules->posts();
        $rules->counts();

        return $rules->broken;
    }

    private function turns(): void
    {
        $of = [];
        foreach ($this->answer['groups'] as $turn) {
            [$g, $s] = [$this->groups[$turn['group']], $this->stations[$turn['station']]];
            [$from, $to] = [self::min($turn['start']), self::min($turn['end'])];
            $name = json_encode($turn);
            $this->must($to - $from === $s['minutes'], "length {$name}");
            $this->must(in_array($s['method'], $g['methods'], true), "method {$name}");
            $this->must(($from - self::min($this->problem['from'])) % $this->problem['step_min'] === 0, "step {$name}");
            $this->must($from >= self::min($this->problem['from']) && $to <= self::min($this->problem['to']), "time {$name}");
            $this->must(self::within($from, $to, $g['free']), "free {$name}");
            $this->must(!isset($s['open']) || self::within($from, $to, $s['open']), "open {$name}");
            foreach ($of[$turn['group']] ?? [] as [$other, $from2, $to2]) {
                $walk = $this->walk($other, $turn['station']);
                $this->must($other !== $turn['station'] && ($to2 + $walk <= $from || $to + $walk <= $from2), "twice {$name}");
            }
            $of[$turn['group']][] = [$turn['station'], $from, $to];
        }
    }

    private function people(): void
    {
        for ($t = self::min($this->problem['from']); $t < self::min($this->problem['to']); ++$t) {
            $glasses = 0;
            foreach ($this->stations as $id => $s) {
                $people = array_sum(array_map(fn(array $turn): int => $this->groups[$turn['group']]['people'], self::at($this->answer['groups'], $id, $t)));
                $this->must($people <= $s['capacity'], "capacity {$id} {$t}");
                $glasses += $s['method'] === 'glasses' ? $people : 0;
            }
            $this->must(!isset($this->problem['glasses']) || $glasses <= $this->problem['glasses']['fit'], "glasses {$t}");
        }
    }

    private function staff(): void
    {
        for ($t = self::min($this->problem['from']); $t < self::min($this->problem['to']); ++$t) {
            foreach ($this->stations as $id => $s) {
                if (self::at($this->answer['groups'], $id, $t) !== []) {
                    $trained = array_filter(self::at($this->answer['crew'], $id, $t), fn(array $post): bool => array_diff($s['training'] ?? [], $this->crew[$post['crew']]['training']) === []);
                    $this->must(count(array_unique(array_column($trained, 'crew'))) >= $s['crew'], "staff {$id} {$t}");
                }
            }
        }
    }

    private function posts(): void
    {
        foreach ($this->crew as $id => $helper) {
            $posts = array_values(array_filter($this->answer['crew'], static fn(array $post): bool => $post['crew'] === $id));
            usort($posts, static fn(array $a, array $b): int => $a['start'] <=> $b['start']);
            [$began, $ended] = [-1, -1];
            foreach ($posts as $i => $post) {
                [$from, $to] = [self::min($post['start']), self::min($post['end'])];
                $this->must($from < $to && self::within($from, $to, $helper['free']), "helper free {$id}");
                if ($i > 0) {
                    $this->must($from >= $ended, "helper twice {$id} {$post['start']}");
                    $this->must($from >= $ended + $this->walk($posts[$i - 1]['station'], $post['station']), "helper walks {$id} {$post['start']}");
                }
                $began = $i === 0 || $from > $ended && $from - $ended >= ($helper['rest_min'] ?? 0) ? $from : $began;
                $ended = $to;
                $this->must(!isset($helper['longest_min']) || $to - $began <= $helper['longest_min'], "helper rests {$id} {$post['start']}");
            }
        }
    }

    private function counts(): void
    {
        $unmet = array_column($this->answer['unmet'], null, 'group');
        $peak = [];
        foreach ($this->groups as $id => $g) {
            $turns = array_filter($this->answer['groups'], static fn(array $turn): bool => $turn['group'] === $id);
            $asked = $g['turns'] ?? 1;
            $this->must(count($turns) <= $asked, "more than asked {$id}");
            $this->must(count($turns) === $asked ? !isset($unmet[$id]) : ($unmet[$id]['turns'] ?? null) === count($turns), "unmet {$id}");
            foreach ($turns as $turn) {
                $common = min(self::min($turn['end']), self::min($this->problem['peak'][1])) - max(self::min($turn['start']), self::min($this->problem['peak'][0]));
                if ($common >= $this->problem['step_min']) {
                    $peak[$id] = true;
                }
            }
        }
        $said = $this->answer['peak'];
        sort($said);
        $seen = array_map(strval(...), array_keys($peak));
        sort($seen);
        $this->must($said === $seen, 'peak');
    }

    /**
     * @template T of array{station: string, start: string, end: string}
     *
     * @param list<T> $all
     *
     * @return list<T> turns or posts at a station at a minute
     */
    private static function at(array $all, string $station, int $minute): array
    {
        return array_values(array_filter($all, static fn(array $a): bool => $a['station'] === $station && self::min($a['start']) <= $minute && $minute < self::min($a['end'])));
    }

    private function walk(string $a, string $b): int
    {
        return $a === $b ? 0 : $this->problem['walk_min'][$a][$b] ?? $this->problem['walk_min'][$b][$a] ?? 0;
    }

    /** @param Stretches $stretches */
    private static function within(int $from, int $to, array $stretches): bool
    {
        return array_filter($stretches, static fn(array $s): bool => self::min($s[0]) <= $from && $to <= self::min($s[1])) !== [];
    }

    private static function min(string $time): int
    {
        return 60 * (int) substr($time, 0, 2) + (int) substr($time, 3);
    }

    private function must(bool $holds, string $what): void
    {
        if (!$holds) {
            $this->broken[] = $what;
        }
    }
}
