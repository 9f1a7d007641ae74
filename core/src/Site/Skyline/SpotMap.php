<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Geometry\PlanLines;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Sky\SunTrack;

/**
 * How good each spot of a lot is: a grid, south-west corner first, of the time with the whole disc clear.
 *
 * Each minute weighs as much as the fraction of the Sun's area that is covered then, so that the middle of the eclipse
 * counts most; a spot that loses the maximum is marked, since no number of other minutes makes up for it. Instead of
 * looking from every spot, the shade of every wall is laid over the grid at each moment: from a spot in the shade of
 * the lower limb something stands before the disc.
 */
final readonly class SpotMap
{
    private const STEP_SECONDS = 120.0;
    /** An outline with more corners than this, which a tree's crown has, is smoothed, by this part of a cell and twice as much until it has no more. */
    private const MANY_CORNERS = 16;
    private const SMOOTHED_CELLS = 0.04;

    /** @param list<list<Spot|null>> $rows from south to north, each from west to east; null where nobody can stand */
    private function __construct(
        public float $cellM,
        public array $rows,
    ) {}

    /**
     * @param int $most cells along the longer side
     * @param float $maximumUt moment that must not be lost
     */
    public static function over(SitePlan $plan, PlanPoint $southWest, PlanPoint $northEast, int $most, float $eyeM, SunTrack $track, float $maximumUt): self
    {
        $width = max(1.0, $northEast->eastM - $southWest->eastM);
        $height = max(1.0, $northEast->northM - $southWest->northM);
        $cell = max($width, $height) / $most;
        $columns = (int) ceil($width / $cell - 1e-9);
        $lines = (int) ceil($height / $cell - 1e-9);
        $suns = $track->positions(self::STEP_SECONDS);
        $minutes = ($track->endUt - $track->beginUt) * 1440 / count($suns);
        $clear = array_fill(0, $lines * $columns, 0);
        $weight = array_fill(0, $lines * $columns, 0.0);
        $weightOfAll = 0.0;
        $walls = self::walls($plan, $southWest, $cell, $eyeM);
        foreach ($suns as $sun) {
            $weightOfAll += $sun->obscuration;
            foreach (self::sunny($walls, $plan->horizon, $sun, $columns, $lines) as $index => $isSunny) {
                $clear[$index] += $sun->obscuration > 0 ? $isSunny : 0;
                $weight[$index] += $isSunny * $sun->obscuration;
            }
        }
        $atMaximum = self::sunny($walls, $plan->horizon, $track->at($maximumUt), $columns, $lines);
        [$grounds, $covers] = [$plan->grounds(), $plan->obstacles()];
        $rows = [];
        for ($line = 0; $line < $lines; ++$line) {
            $row = [];
            for ($column = 0; $column < $columns; ++$column) {
                $index = $line * $columns + $column;
                $at = new PlanPoint($southWest->eastM + ($column + 0.5) * $cell, $southWest->northM + ($line + 0.5) * $cell);
                $row[] = self::mayStand($at, $grounds, $covers)
                    ? new Spot($at, $clear[$index] * $minutes, $weightOfAll > 0 ? $weight[$index] / $weightOfAll : 0.0, $atMaximum[$index] === 1)
                    : null;
            }
            $rows[] = $row;
        }

        return new self($cell, $rows);
    }

    /** @return list<Spot> the best ones, of equal ones those nearest to a point, each at least so far from the better ones */
    public function best(int $count, float $apartM, PlanPoint $near): array
    {
        $spots = array_values(array_filter(array_merge(...$this->rows)));
        $rank = static fn(Spot $s): array => [!$s->keepsMaximum, -round($s->weight, 2), $s->at->distanceM($near)];
        usort($spots, static fn(Spot $a, Spot $b): int => $rank($a) <=> $rank($b));
        $chosen = [];
        foreach ($spots as $spot) {
            foreach ($chosen as $better) {
                if ($better->at->distanceM($spot->at) < $apartM) {
                    continue 2;
                }
            }
            $chosen[] = $spot;
            if (count($chosen) === $count) {
                break;
            }
        }

        return $chosen;
    }

    /**
     * The walls that rise above the eye, lengths in cells: x and y of both ends, height above the eye, and whether the
     * inside of a building or a crown lies to the left of the way from one end to the other.
     *
     * @return list<array{float, float, float, float, float, bool|null}>
     */
    private static function walls(SitePlan $plan, PlanPoint $southWest, float $cell, float $eyeM): array
    {
        $walls = [];
        foreach ($plan->obstacles() as $obstacle) {
            if ($obstacle->heightM <= $eyeM) {
                continue;
            }
            $edges = self::fewEdges($obstacle, $cell);
            $isLeft = $obstacle->kind === ThingKind::Wall ? null : !$obstacle->isClockwise;
            foreach ($edges as [$a, $b]) {
                $walls[] = [
                    ($a->eastM - $southWest->eastM) / $cell,
                    ($a->northM - $southWest->northM) / $cell,
                    ($b->eastM - $southWest->eastM) / $cell,
                    ($b->northM - $southWest->northM) / $cell,
                    ($obstacle->heightM - $eyeM) / $cell,
                    $isLeft,
                ];
            }
        }

        return $walls;
    }

    /**
     * The walls of a thing; of an outline with very many corners as smooth as a map of cells shows it.
     *
     * @return list<array{PlanPoint, PlanPoint}>
     */
    private static function fewEdges(Thing $thing, float $cell): array
    {
        $corners = $thing->corners;
        for ($tolerance = self::SMOOTHED_CELLS * $cell; count($corners) > self::MANY_CORNERS; $tolerance *= 2) {
            $corners = PlanLines::smoothed($thing->corners, $tolerance);
        }

        return $corners === $thing->corners ? $thing->edges : PlanLines::edges($corners, $thing->kind !== ThingKind::Wall);
    }

    /**
     * 1 for each cell whose middle sees the whole disc, 0 for each other.
     *
     * @param list<array{float, float, float, float, float, bool|null}> $walls
     *
     * @return array<int, int>
     */
    private static function sunny(array $walls, HorizonProfile $horizon, SunPosition $sun, int $columns, int $lines): array
    {
        $lowest = $sun->altitudeDeg - $sun->semidiameterDeg;
        if ($lowest <= max(0.0, $horizon->altitudeDegAt($sun->azimuthDeg))) {
            return array_fill(0, $lines * $columns, 0);
        }
        $perHeight = 1 / tan(deg2rad($lowest));
        $east = sin(deg2rad($sun->shadowBearingDeg())) * $perHeight;
        $north = cos(deg2rad($sun->shadowBearingDeg())) * $perHeight;
        $sunny = array_fill(0, $lines * $columns, 1);
        foreach ($walls as [$x1, $y1, $x2, $y2, $height, $isLeft]) {
            // Shade leaves a closed outline through its far side; what falls inside lies under a roof anyway.
            if ($isLeft === null || ($isLeft === (($x2 - $x1) * $north - ($y2 - $y1) * $east <= 0))) {
                self::shade($sunny, [$x1, $x2, $x2 + $height * $east, $x1 + $height * $east], [$y1, $y2, $y2 + $height * $north, $y1 + $height * $north], $columns, $lines);
            }
        }

        return $sunny;
    }

    /**
     * Puts the cells whose middle lies in a convex quadrangle to 0. Lengths in cells.
     *
     * @param array<int, int> $sunny
     * @param array{float, float, float, float} $xs its corners in order
     * @param array{float, float, float, float} $ys
     */
    private static function shade(array &$sunny, array $xs, array $ys, int $columns, int $lines): void
    {
        $first = max(0, (int) ceil(min($ys) - 0.5));
        $last = min($lines - 1, (int) floor(max($ys) - 0.5));
        if ($first > $last || max($xs) < 0.5 || min($xs) > $columns - 0.5) {
            return;
        }
        for ($line = $first; $line <= $last; ++$line) {
            $y = $line + 0.5;
            $left = INF;
            $right = -INF;
            foreach ([[0, 1], [1, 2], [2, 3], [3, 0]] as [$i, $j]) {
                if (($ys[$i] <= $y) !== ($ys[$j] <= $y)) {
                    $x = $xs[$i] + ($xs[$j] - $xs[$i]) * ($y - $ys[$i]) / ($ys[$j] - $ys[$i]);
                    $left = $x < $left ? $x : $left;
                    $right = $x > $right ? $x : $right;
                }
            }
            // A flat row touches no edge.
            if ($left > $right) {
                continue;
            }
            $from = max(0, (int) ceil($left - 0.5));
            $to = min($columns - 1, (int) floor($right - 0.5));
            for ($index = $line * $columns + $from, $end = $line * $columns + $to; $index <= $end; ++$index) {
                $sunny[$index] = 0;
            }
        }
    }

    /**
     * On the ground that was drawn, or anywhere when none was; not inside a building or a trunk's crown.
     *
     * @param list<Thing> $grounds
     * @param list<Thing> $covers
     */
    private static function mayStand(PlanPoint $at, array $grounds, array $covers): bool
    {
        return ($grounds === [] || self::isOnAny($at, $grounds)) && !self::isOnAny($at, $covers);
    }

    /** @param list<Thing> $things */
    private static function isOnAny(PlanPoint $at, array $things): bool
    {
        foreach ($things as $thing) {
            if ($thing->contains($at)) {
                return true;
            }
        }

        return false;
    }
}
