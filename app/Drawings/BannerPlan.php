<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\Site\CutHole;
use KeenShadow\Core\Site\Facade;

/** The cutting plan of a banner as seen from inside, at 1 : 20. Millimetres on paper, x from the left jamb, y downwards from the lintel. */
final readonly class BannerPlan
{
    public const SCALE = 20;
    private const MM = 1000 / self::SCALE;

    /** @param list<array{x: float, y: float, width: float, height: float, number: int, standX: float, middleX: float}> $holes */
    private function __construct(
        public float $widthMm,
        public float $heightMm,
        public float $sillY,
        public float $floorY,
        public array $holes,
    ) {}

    /** @param list<CutHole> $holes */
    public static function of(Facade $facade, array $holes): self
    {
        $y = static fn(float $metres): float => round(($facade->headM - $metres) * self::MM, 2);

        return new self(
            round($facade->widthM() * self::MM, 2),
            $y($facade->sillM),
            $y($facade->sillM),
            $y(0.0),
            array_map(static fn(CutHole $h): array => [
                'x' => round(($h->fromLeftM - $h->widthM / 2) * self::MM, 2),
                'y' => $y($h->heightM + $h->lengthM / 2),
                'width' => round($h->widthM * self::MM, 2),
                'height' => round($h->lengthM * self::MM, 2),
                'number' => $h->number,
                'standX' => round($h->standM * self::MM, 2),
                'middleX' => round($h->fromLeftM * self::MM, 2),
            ], $holes),
        );
    }
}
