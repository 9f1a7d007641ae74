<?php

declare(strict_types=1);

namespace App\Drawings;

use KeenShadow\Core\Site\Banner;
use KeenShadow\Core\Site\SunPlace;

/**
 * The section through a doorway along the Sun's rays, at 1 : 40: who stands where behind the banner and where the rays
 * meet it. Millimetres on paper, x towards the Sun from the banner, y downwards from 2.4 m up.
 */
final readonly class DoorwayDrawing
{
    public const SCALE = 40;
    private const MM = 1000 / self::SCALE;
    private const TOP_M = 2.6;
    private const BESIDE_M = 0.5;
    /** Head over body, as drawn: the eye sits in the middle of the head. */
    private const HEAD_M = 0.11;

    /**
     * @param list<array{x: float, eyeY: float, head: float, who: string, holeY: float|null, rayX: float, rayY: float, works: bool}> $people
     */
    private function __construct(
        public float $widthMm,
        public float $heightMm,
        public float $floorY,
        public float $bannerX,
        public float $headY,
        public float $sillY,
        public array $people,
    ) {}

    /** @param array<string, float> $eyes */
    public static function of(Banner $banner, array $eyes, SunPlace $sun): self
    {
        $facade = $banner->facade;
        $isFacing = $facade->isFacing($sun);
        // Along the rays the banner is farther away than straight out.
        $away = $isFacing ? min(6.0, $banner->distanceM / max(0.05, cos(deg2rad($facade->sunToTheRightDeg($sun))))) : $banner->distanceM;
        $top = max(self::TOP_M, min(4.0, $facade->headM + 0.3));
        $y = static fn(float $metres): float => round(($top - $metres) * self::MM, 2);
        $bannerX = ($away + self::BESIDE_M) * self::MM;
        $people = [];
        foreach ($eyes as $who => $eye) {
            $hole = $isFacing ? $banner->holeHeightM($eye, $sun) : null;
            // The ray goes on beyond the banner to the edge of the drawing.
            $beyond = 1.2;
            $people[] = [
                'x' => round(self::BESIDE_M * self::MM, 2),
                'eyeY' => $y($eye),
                'head' => round(self::HEAD_M * self::MM, 2),
                'who' => $who,
                'holeY' => $hole === null ? null : $y($hole),
                'rayX' => round(($away + self::BESIDE_M + $beyond) * self::MM, 2),
                'rayY' => $hole === null ? 0.0 : $y($eye + ($hole - $eye) * ($away + $beyond) / $away),
                'works' => $hole !== null && $hole <= $facade->headM - Banner::RIM_M && $hole >= $facade->sillM + Banner::RIM_M,
            ];
        }

        return new self(
            round(($away + 2 * self::BESIDE_M + 1.2) * self::MM, 2),
            round(($top + 0.25) * self::MM, 2),
            $y(0.0),
            round($bannerX, 2),
            $y(min($top, $facade->headM)),
            $y($facade->sillM),
            $people,
        );
    }
}
