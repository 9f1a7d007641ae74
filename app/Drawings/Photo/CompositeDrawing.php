<?php

declare(strict_types=1);

namespace App\Drawings\Photo;

use App\Drawings\Site\Projection;
use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Photo\Composite;
use KeenShadow\Core\Site\Skyline\WallSeen;
use KeenShadow\Core\Sky\SunPosition;

/** The edge of a picture and the discs in it, laid over a horizon view on its scale; and the same as they stand in the picture. */
final readonly class CompositeDrawing
{
    private const STEPS = 24;
    /** The picture's longer side. */
    private const LONG_PX = 560.0;
    private const RIM_PX = 4.0;
    /** Below the level nothing is drawn that far. */
    private const FOOT_DEG = -20.0;

    /**
     * @param string $edge points on the horizon view, closed
     * @param list<array{x: float, y: float, r: float}> $discs on it
     * @param list<array{x: float, y: float, r: float}> $inside the picture
     * @param list<string> $walls what stands below, points of the picture, farthest first
     * @param float $levelY height of the level in the middle of the picture
     */
    private function __construct(public string $edge, public array $discs, public array $inside, public array $walls, public float $width, public float $height, public float $levelY, public float $pxPerMm, public float $outerWidth, public float $outerHeight) {}

    /**
     * @param list<SunPosition> $pictures
     * @param list<WallSeen> $walls from where the camera stands, farthest first
     */
    public static function of(Composite $composite, array $pictures, array $walls, Projection $on): self
    {
        // The edge runs on from the middle of the picture, so that it is not torn where azimuths begin anew.
        $middle = $on->leftDeg + $on->widthDeg / 2;
        $x = static fn(float $azimuthDeg): float => $on->x($middle - $on->leftDeg + rad2deg(Angle::signedRad(deg2rad($azimuthDeg - $middle))), 2);
        $sensor = $composite->frame->sensor;
        $scale = self::LONG_PX / max($sensor->widthMm, $sensor->heightMm);
        $inside = [];
        foreach ($pictures as $sun) {
            $place = $composite->place($sun->altitudeDeg, $sun->azimuthDeg);
            if ($place !== null) {
                $inside[] = ['x' => round(($sensor->widthMm / 2 + $place[0]) * $scale, 2), 'y' => round(($sensor->heightMm / 2 - $place[1]) * $scale, 2), 'r' => round($composite->frame->imageMm() / 2 * $scale, 2)];
            }
        }

        return new self(
            implode(' ', array_map(static fn(array $d): string => $x($d[1]) . ',' . $on->y($d[0]), $composite->edge(self::STEPS))),
            array_map(static fn(SunPosition $sun): array => ['x' => $x($sun->azimuthDeg), 'y' => $on->y($sun->altitudeDeg), 'r' => round($sun->semidiameterDeg * $on->scale, 2)], $pictures),
            $inside,
            array_values(array_filter(array_map(static fn(WallSeen $wall): string => self::wall($wall, $composite, $scale), $walls), static fn(string $points): bool => $points !== '')),
            round($sensor->widthMm * $scale, 2),
            round($sensor->heightMm * $scale, 2),
            round(($sensor->heightMm / 2 - ($composite->place(0.0, $composite->azimuthDeg)[1] ?? -$sensor->heightMm)) * $scale, 2),
            $scale,
            round($sensor->widthMm * $scale, 2) + self::RIM_PX,
            round($sensor->heightMm * $scale, 2) + self::RIM_PX,
        );
    }

    /** Blank where a part of it is beside or behind the camera. */
    private static function wall(WallSeen $wall, Composite $composite, float $scale): string
    {
        $sensor = $composite->frame->sensor;
        $top = $wall->top();
        $foot = self::FOOT_DEG;
        $corners = [[$wall->fromDeg, $foot], ...$top, [$wall->fromDeg + $wall->widthDeg, $foot]];
        $points = [];
        foreach ($corners as [$azimuthDeg, $altitudeDeg]) {
            $place = $composite->place($altitudeDeg, $azimuthDeg);
            if ($place === null) {
                return '';
            }
            $points[] = round(($sensor->widthMm / 2 + $place[0]) * $scale, 1) . ',' . round(($sensor->heightMm / 2 - $place[1]) * $scale, 1);
        }

        return implode(' ', $points);
    }
}
