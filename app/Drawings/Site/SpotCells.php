<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Drawings\SvgPoint;
use App\Drawings\ViewBox;
use App\Text\Durations;
use App\Text\Numbers;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\Spot;
use KeenShadow\Core\Site\Skyline\SpotMap;
use KeenShadow\Core\Site\Skyline\SunlitSite;

/** The map of spots for the plan: cells by how much of the eclipse is seen from them, and the best ones. */
final readonly class SpotCells
{
    public const ACROSS = 50;
    private const BEST = 3;
    /** Weights at which a darker shade begins. */
    private const LEVELS = [1 - 1e-9, 0.75, 0.5, 0.25, 0.0];

    /**
     * @param list<string> $levels SVG paths, the clearest first
     * @param string $lost path of the cells that lose the maximum
     * @param list<array{x: float, y: float, words: string}> $best
     */
    private function __construct(
        public array $levels,
        public string $lost,
        public array $best,
        public float $cellM,
    ) {}

    public static function of(SunlitSite $site, Thing $observer, ViewBox $box): self
    {
        [$southWest, $northEast] = self::area($site, $box);
        $map = SpotMap::over($site->plan, $southWest, $northEast, self::ACROSS, $observer->heightM, $site->track, $site->here->bestVisible()->julianDateUt());
        $levels = array_fill(0, count(self::LEVELS), '');
        $lost = '';
        foreach ($map->rows as $row) {
            foreach ($row as $spot) {
                if ($spot !== null) {
                    $levels[self::level($spot)] .= self::cell($spot, $map->cellM);
                    $lost .= $spot->keepsMaximum ? '' : self::cell($spot, $map->cellM);
                }
            }
        }

        return new self(array_values($levels), $lost, array_map(self::words(...), $map->best(self::BEST, 5 * $map->cellM, $observer->at())), $map->cellM);
    }

    /** @return array{PlanPoint, PlanPoint} around the ground that was drawn, else all that is shown */
    private static function area(SunlitSite $site, ViewBox $box): array
    {
        $points = array_merge([], ...array_map(static fn(Thing $t): array => $t->points, $site->plan->grounds()));
        if ($points === []) {
            return [new PlanPoint($box->left, -$box->top - $box->height), new PlanPoint($box->left + $box->width, -$box->top)];
        }
        $east = array_map(static fn(PlanPoint $p): float => $p->eastM, $points);
        $north = array_map(static fn(PlanPoint $p): float => $p->northM, $points);

        return [new PlanPoint(min($east), min($north)), new PlanPoint(max($east), max($north))];
    }

    private static function level(Spot $spot): int
    {
        foreach (self::LEVELS as $level => $least) {
            if ($spot->weight >= $least) {
                return $level;
            }
        }

        return count(self::LEVELS) - 1;
    }

    private static function cell(Spot $spot, float $cellM): string
    {
        $size = round($cellM, 2);

        return 'M' . round($spot->at->eastM - $cellM / 2, 2) . ' ' . round(-$spot->at->northM - $cellM / 2, 2) . "h{$size}v{$size}h-{$size}Z";
    }

    /** @return array{x: float, y: float, words: string} */
    private static function words(Spot $spot): array
    {
        $at = SvgPoint::of($spot->at);

        return ['x' => $at->x, 'y' => $at->y, 'words' => __(':east m east, :north m north: the whole disc clear for :clear, :weight % of the eclipse by covered area; the maximum is :kept', [
            'east' => Numbers::decimal($spot->at->eastM, 1), 'north' => Numbers::decimal($spot->at->northM, 1), 'clear' => Durations::toTheMinute($spot->clearMinutes * 60),
            'weight' => Numbers::percent($spot->weight), 'kept' => $spot->keepsMaximum ? __('seen') : __('lost'),
        ])];
    }
}
