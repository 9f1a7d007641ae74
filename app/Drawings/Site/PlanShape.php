<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Drawings\LabelSpace;
use App\Text\Numbers;
use App\Text\SiteWords;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\Shape;
use KeenShadow\Core\Site\Plan\Thing;

/** One thing on the plan, ready for SVG: metres, x east, y south. */
final readonly class PlanShape
{
    /**
     * @param string $points "x,y x,y"
     * @param string $heightWord what its height is the height of
     */
    private function __construct(
        public int $index,
        public string $kind,
        public string $shape,
        public string $name,
        public string $label,
        public string $heightWord,
        public string $points,
        public float $x,
        public float $y,
        public float $radius,
        public bool $isGround,
        public float $nameX,
        public float $nameY,
        public string $nameAnchor,
        public bool $isNamed,
    ) {}

    public static function of(int $index, Thing $thing, LabelSpace $labels, float $letterM): self
    {
        $corners = array_map(self::place(...), $thing->points);
        $middle = self::place($thing->middle);
        // Where there is no room a name is left out of the drawing; pointing at the thing tells it.
        $found = $labels->find($thing->name, self::namePlaces($thing, $middle['x'], $middle['y'], $letterM));
        [$nameX, $nameY, $nameAnchor] = $found ?? [$middle['x'], $middle['y'], 'middle'];

        return new self(
            index: $index,
            kind: $thing->kind->value,
            shape: $thing->kind->shape()->value,
            name: $thing->name,
            label: self::labelOf($thing),
            heightWord: SiteWords::height($thing->kind),
            points: implode(' ', array_map(static fn(array $c): string => "{$c['x']},{$c['y']}", $corners)),
            x: $middle['x'],
            y: $middle['y'],
            radius: $thing->radiusM,
            isGround: $thing->kind->isGround(),
            nameX: round($nameX, 2),
            nameY: round($nameY, 2),
            nameAnchor: $nameAnchor,
            isNamed: $found !== null,
        );
    }

    /** @return list<array{float, float, string}> */
    private static function namePlaces(Thing $thing, float $x, float $y, float $letterM): array
    {
        $middle = [$x, $y, 'middle'];
        $around = [];
        foreach ([1.3, 2.5, 3.7] as $away) {
            $d = $away * $letterM;
            array_push($around, [$x, $y + $d, 'middle'], [$x, $y - $d, 'middle'], [$x + $d, $y, 'start'], [$x - $d, $y, 'end'], [$x + $d, $y + $d, 'start'], [$x + $d, $y - $d, 'start'], [$x - $d, $y + $d, 'end'], [$x - $d, $y - $d, 'end']);
        }

        return $thing->kind->isPlace() || $thing->kind->isOpening() ? $around : [$middle, ...$around];
    }

    /** @return array{x: float, y: float} */
    public static function place(PlanPoint $point): array
    {
        return ['x' => round($point->eastM, 2), 'y' => round(-$point->northM, 2) + 0.0];
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
