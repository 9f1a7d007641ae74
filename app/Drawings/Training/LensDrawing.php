<?php

declare(strict_types=1);

namespace App\Drawings\Training;

use KeenShadow\Core\Training\Lenses\DrawnPair;
use KeenShadow\Core\Training\Lenses\LensFault;

/** A pair held against a lamp, in millimetres: two lenses, and what is to be seen on them. The middle between the lenses is the origin; y runs downwards. */
final readonly class LensDrawing
{
    /** @param list<array{class: string, d: string}> $marks paths of what is to be seen */
    private function __construct(public array $marks, public bool $isTorn, public bool $isBright, public float $lensX) {}

    public static function of(DrawnPair $pair): self
    {
        $lensX = ($pair->isRight ? 1 : -1) * DrawnPair::MIDDLES_MM / 2;
        $at = [$lensX + $pair->x * DrawnPair::LENS_WIDTH_MM / 2, -$pair->y * DrawnPair::LENS_HEIGHT_MM / 2];

        return new self(
            array_map(static fn(array $mark): array => ['class' => "lens-{$mark[0]}", 'd' => $mark[1]], self::marks($pair, $at)),
            $pair->fault === LensFault::TornFrame,
            $pair->fault === LensFault::SeeThrough,
            $lensX,
        );
    }

    /**
     * @param array{float, float} $at
     *
     * @return list<array{string, string}> class and path
     */
    private static function marks(DrawnPair $pair, array $at): array
    {
        $size = $pair->sizeMm;
        $long = [$at, [4 * $size * cos(deg2rad($pair->turnDeg)), 4 * $size * sin(deg2rad($pair->turnDeg))]];

        return match ($pair->fault) {
            LensFault::Scratch => [['bright', self::line(...$long)]],
            LensFault::Hole => [['point', self::disc($at, $size / 2)]],
            LensFault::Crease => [['crease', self::line($at, [$long[1][0] * 2, $long[1][1] * 2])]],
            LensFault::FilmLifting => [['lifting', self::disc([$at[0] + ($at[0] > 0 ? 3 : -3), $at[1]], 2.5 * $size)]],
            LensFault::SecondPoint => [['point', self::disc([$at[0], $at[1]], $size / 3)], ['point', self::disc([$at[0] + 2.2 * $size, $at[1] - $size], $size / 3)]],
            LensFault::Dirt => [['dirt', self::disc($at, $size)], ['dirt', self::disc([$at[0] + 1.4 * $size, $at[1] + 0.6 * $size], $size / 2)]],
            LensFault::SeeThrough, LensFault::TornFrame, null => [],
        };
    }

    /**
     * @param array{float, float} $middle
     * @param array{float, float} $along
     */
    private static function line(array $middle, array $along): string
    {
        return sprintf('M%.2f %.2f L%.2f %.2f', $middle[0] - $along[0] / 2, $middle[1] - $along[1] / 2, $middle[0] + $along[0] / 2, $middle[1] + $along[1] / 2);
    }

    /** @param array{float, float} $middle */
    private static function disc(array $middle, float $radius): string
    {
        return sprintf('M%.2f %.2f a%3$.2f %3$.2f 0 1 0 %4$.2f 0 a%3$.2f %3$.2f 0 1 0 -%4$.2f 0 z', $middle[0] - $radius, $middle[1], $radius, 2 * $radius);
    }
}
