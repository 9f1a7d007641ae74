<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Drawings\PaperScale;
use KeenShadow\Core\Site\Doorway\Banner;
use KeenShadow\Core\Site\Doorway\BannerState;
use KeenShadow\Core\Sky\SunPosition;

/**
 * Sections through a doorway along the Sun's rays, one for each height of eyes, to scale: who stands where behind the
 * banner and where the rays meet it. Millimetres on paper, x towards the Sun, y downwards.
 */
final readonly class DoorwayDrawing
{
    private const TOP_M = 2.6;
    private const MOST_TOP_M = 5.0;
    private const BESIDE_M = 0.5;
    private const OUTSIDE_M = 1.2;
    private const LETTERS_MM = 5.0;
    /** Radius of a head, with the eye in its middle. */
    private const HEAD_M = 0.11;
    /** Far aside the rays meet the banner a long way off; none is drawn longer. */
    private const FARTHEST_M = 6.0;

    /** @param list<array{eyeY: float, who: string, holeY: float|null, rayY: float, works: bool}> $people */
    private function __construct(
        public int $oneTo,
        public float $widthMm,
        public float $heightMm,
        public float $floorY,
        public float $bannerX,
        public float $headY,
        public float $sillY,
        public float $personX,
        public float $headMm,
        public float $rayX,
        public array $people,
    ) {}

    /** @param array<string, float> $eyes */
    public static function of(Banner $banner, array $eyes, SunPosition $sun): self
    {
        $facade = $banner->facade;
        $isFacing = $facade->isFacing($sun);
        // Along the rays the banner is farther away than straight out.
        $away = $isFacing ? min(self::FARTHEST_M, $banner->distanceM / cos(deg2rad($facade->sunToTheRightDeg($sun)))) : $banner->distanceM;
        $top = max(self::TOP_M, min(self::MOST_TOP_M, $facade->headM + 0.3));
        $width = $away + 2 * self::BESIDE_M + self::OUTSIDE_M;
        // Three stand side by side on a sheet.
        $scale = PaperScale::fitting(3.2 * $width, $top);
        $people = [];
        foreach ($eyes as $who => $eye) {
            $hole = $isFacing ? $banner->holeHeightM($eye, $sun) : null;
            $people[] = [
                'eyeY' => $scale->mm($top - $eye),
                'who' => $who,
                'holeY' => $hole === null ? null : $scale->mm($top - $hole),
                'rayY' => $hole === null ? 0.0 : $scale->mm($top - $eye - ($hole - $eye) * ($away + self::OUTSIDE_M) / $away),
                'works' => $banner->stateFor($eye, $sun) === BannerState::Works,
            ];
        }

        return new self(
            oneTo: $scale->oneTo,
            widthMm: $scale->mm($width),
            heightMm: $scale->mm($top) + self::LETTERS_MM,
            floorY: $scale->mm($top),
            bannerX: $scale->mm(self::BESIDE_M + $away),
            headY: $scale->mm($top - min($top, $facade->headM)),
            sillY: $scale->mm($top - $facade->sillM),
            personX: $scale->mm(self::BESIDE_M),
            headMm: $scale->mm(self::HEAD_M),
            rayX: $scale->mm(self::BESIDE_M + $away + self::OUTSIDE_M),
            people: $people,
        );
    }
}
