<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Drawings\LabelSpace;
use App\Drawings\PlacedText;
use App\Drawings\SvgPoint;
use App\Text\Numbers;
use App\Text\SiteWords;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\Shape;
use KeenShadow\Core\Site\Plan\Thing;

/** One thing on the plan, ready for SVG: metres, x east, y south. */
final readonly class PlanShape
{
    /**
     * @param string $label what it is, how high and where, for those who do not see the drawing
     * @param string $points "x,y x,y"
     * @param PlacedText $name blank where there is no room for it
     */
    private function __construct(
        public int $index,
        public Thing $thing,
        public string $label,
        public string $points,
        public SvgPoint $at,
        public PlacedText $name,
    ) {}

    public static function of(int $index, Thing $thing, LabelSpace $labels, float $letterM): self
    {
        $at = SvgPoint::of($thing->middle);
        $corners = array_map(static fn(PlanPoint $corner): string => round($corner->eastM, 2) . ',' . (round(-$corner->northM, 2) + 0.0), $thing->points);

        return new self(
            $index,
            $thing,
            self::labelOf($thing),
            implode(' ', $corners),
            $at,
            // Where there is no room a name is left out of the drawing; pointing at the thing tells it.
            $labels->find(self::namePlaces($thing, $at, $letterM)) ?? new PlacedText($at->x, $at->y, 'middle', ''),
        );
    }

    /** @return list<PlacedText> the best first */
    private static function namePlaces(Thing $thing, SvgPoint $at, float $letterM): array
    {
        $places = $thing->kind->isPlace() || $thing->kind->isOpening() ? [] : [new PlacedText($at->x, $at->y, 'middle', $thing->name)];
        foreach ([1.3, 2.5, 3.7] as $away) {
            foreach ([[0, 1, 'middle'], [0, -1, 'middle'], [1, 0, 'start'], [-1, 0, 'end'], [1, 1, 'start'], [1, -1, 'start'], [-1, 1, 'end'], [-1, -1, 'end']] as [$east, $south, $anchor]) {
                $places[] = new PlacedText(round($at->x + $east * $away * $letterM, 2), round($at->y + $south * $away * $letterM, 2), $anchor, $thing->name);
            }
        }

        return $places;
    }

    private static function labelOf(Thing $thing): string
    {
        $at = $thing->middle;
        $where = __(':east m east, :north m north', ['east' => Numbers::decimal($at->eastM, 1), 'north' => Numbers::decimal($at->northM, 1)]);

        return $thing->kind->shape() === Shape::Area && $thing->kind->isGround()
            ? SiteWords::of($thing->kind) . " {$thing->name}, {$where}"
            : SiteWords::of($thing->kind) . " {$thing->name}, " . Numbers::decimal($thing->heightM, 1) . " m, {$where}";
    }
}
