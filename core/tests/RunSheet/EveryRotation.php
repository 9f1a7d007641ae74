<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\RunSheet;

/**
 * Whether a small problem can be satisfied when only some of it matters, by trying every turn of every group; helpers without
 * ways and rests. On plain JSON values, with nothing of the solver.
 *
 * @phpstan-import-type Problem from RotationRules
 * @phpstan-import-type Station from RotationRules
 * @phpstan-import-type Group from RotationRules
 * @phpstan-import-type Helper from RotationRules
 * @phpstan-import-type Stretches from RotationRules
 */
final class EveryRotation
{
    /**
     * @param Problem $problem
     *
     * @return list<string> all that may matter
     */
    public static function ids(array $problem): array
    {
        return [...array_column($problem['groups'], 'id'), ...array_column($problem['stations'], 'id'), ...array_column($problem['crew'], 'id'), 'glasses', 'time'];
    }

    /**
     * @param Problem $problem
     * @param list<string> $ids of what matters
     */
    public static function isPossible(array $problem, array $ids): bool
    {
        $isStaffed = array_diff(array_column($problem['crew'], 'id'), $ids) === [];
        foreach ($problem['stations'] as $s => $station) {
            if (!in_array($station['id'], $ids, true)) {
                $problem['stations'][$s] = ['capacity' => PHP_INT_MAX, 'crew' => 0, 'open' => [['00:00', '23:59']]] + $station;
            } elseif (!$isStaffed) {
                $problem['stations'][$s]['crew'] = 0;
            }
        }
        $problem['groups'] = array_values(array_filter($problem['groups'], static fn(array $g): bool => in_array($g['id'], $ids, true)));
        $problem['glasses'] = ['fit' => in_array('glasses', $ids, true) ? $problem['glasses']['fit'] ?? PHP_INT_MAX : PHP_INT_MAX];
        [$problem['from'], $problem['to']] = in_array('time', $ids, true) ? [$problem['from'], $problem['to']] : ['00:00', '23:50'];

        return self::place($problem, 0, 0, []);
    }

    /**
     * @param Problem $problem
     * @param list<array{int, int, int, int}> $turns group, station, from and to in minutes
     */
    private static function place(array $problem, int $g, int $had, array $turns): bool
    {
        $group = $problem['groups'][$g] ?? null;
        if ($group === null) {
            return true;
        }
        if ($had === ($group['turns'] ?? 1)) {
            return self::place($problem, $g + 1, 0, $turns);
        }
        $last = $had === 0 ? -1 : $turns[count($turns) - 1][1];
        foreach ($problem['stations'] as $s => $station) {
            // A group's turns are tried in the order of the stations only.
            if ($s <= $last || !in_array($station['method'], $group['methods'], true)) {
                continue;
            }
            for ($from = self::min($problem['from']); $from + $station['minutes'] <= self::min($problem['to']); $from += $problem['step_min']) {
                $turn = [$g, $s, $from, $from + $station['minutes']];
                if (self::isFree($problem, $group, $station, $turn, $turns) && self::place($problem, $g, $had + 1, [...$turns, $turn])) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param Problem $problem
     * @param Group $group
     * @param Station $station
     * @param array{int, int, int, int} $turn
     * @param list<array{int, int, int, int}> $turns
     */
    private static function isFree(array $problem, array $group, array $station, array $turn, array $turns): bool
    {
        [$g, $s, $from, $to] = $turn;
        if (!self::within($from, $to, $group['free']) || isset($station['open']) && !self::within($from, $to, $station['open'])) {
            return false;
        }
        foreach ($turns as [$g2, , $from2, $to2]) {
            if ($g2 === $g && $from2 < $to && $from < $to2) {
                return false;
            }
        }
        $turns[] = $turn;
        for ($t = $from; $t < $to; $t += $problem['step_min']) {
            [$here, $withGlasses, $posts] = [0, 0, []];
            foreach ($turns as [$g2, $s2, $from2, $to2]) {
                if ($from2 <= $t && $t < $to2) {
                    $here += $s2 === $s ? $problem['groups'][$g2]['people'] : 0;
                    $withGlasses += $problem['stations'][$s2]['method'] === 'glasses' ? $problem['groups'][$g2]['people'] : 0;
                    $posts[$s2] = array_fill(0, $problem['stations'][$s2]['crew'], $problem['stations'][$s2]);
                }
            }
            $helpers = array_filter($problem['crew'], static fn(array $h): bool => self::within($t, $t + 1, $h['free']));
            if ($here > $station['capacity'] || $withGlasses > ($problem['glasses']['fit'] ?? PHP_INT_MAX) || !self::isStaffed(array_merge(...$posts), $helpers)) {
                return false;
            }
        }

        return true;
    }

    /** @param Stretches $stretches */
    private static function within(int $from, int $to, array $stretches): bool
    {
        return array_filter($stretches, static fn(array $x): bool => self::min($x[0]) <= $from && $to <= self::min($x[1])) !== [];
    }

    /**
     * @param list<Station> $posts
     * @param array<int, Helper> $helpers
     */
    private static function isStaffed(array $posts, array $helpers): bool
    {
        $post = array_pop($posts);
        foreach ($post === null ? [] : $helpers as $h => $helper) {
            if (array_diff($post['training'] ?? [], $helper['training']) === [] && self::isStaffed($posts, array_diff_key($helpers, [$h => true]))) {
                return true;
            }
        }

        return $post === null;
    }

    private static function min(string $time): int
    {
        return 60 * (int) substr($time, 0, 2) + (int) substr($time, 3);
    }
}
