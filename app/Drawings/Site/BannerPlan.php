<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Drawings\PaperScale;
use KeenShadow\Core\Site\Doorway\CutHole;
use KeenShadow\Core\Site\Plan\Facade;

/** The cutting plan of a banner as seen from inside, to scale. Millimetres on paper, x from the left jamb, y downwards from the lintel. */
final readonly class BannerPlan
{
    /** @param list<array{x: float, y: float, width: float, height: float, number: int, standX: float, middleX: float}> $holes */
    private function __construct(
        public int $oneTo,
        public float $widthMm,
        public float $heightMm,
        public float $floorY,
        public array $holes,
    ) {}

    /** @param list<CutHole> $holes */
    public static function of(Facade $facade, array $holes): self
    {
        $scale = PaperScale::fitting($facade->widthM, $facade->headM);

        return new self(
            $scale->oneTo,
            $scale->mm($facade->widthM),
            $scale->mm($facade->headM - $facade->sillM),
            $scale->mm($facade->headM),
            array_map(static fn(CutHole $h): array => [
                'x' => $scale->mm($h->fromLeftM - $h->widthM / 2),
                'y' => $scale->mm($facade->headM - $h->heightM - $h->lengthM / 2),
                'width' => $scale->mm($h->widthM),
                'height' => $scale->mm($h->lengthM),
                'number' => $h->number,
                'standX' => $scale->mm($h->standM),
                'middleX' => $scale->mm($h->fromLeftM),
            ], $holes),
        );
    }
}
