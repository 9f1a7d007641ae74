<?php

declare(strict_types=1);

namespace App\Drawings;

/** A usual scale, one to so many, at which a thing fits on the usable part of an A4 or Letter sheet. */
final readonly class PaperScale
{
    /** Usable on both sheets, millimetres. */
    private const WIDTH_MM = 180.0;
    private const HEIGHT_MM = 150.0;
    private const USUAL = [5, 10, 20, 25, 50, 100, 200, 500, 1000];

    private function __construct(public int $oneTo) {}

    public static function fitting(float $widthM, float $heightM): self
    {
        foreach (self::USUAL as $oneTo) {
            if ($widthM * 1000 / $oneTo <= self::WIDTH_MM && $heightM * 1000 / $oneTo <= self::HEIGHT_MM) {
                return new self($oneTo);
            }
        }

        return new self(self::USUAL[count(self::USUAL) - 1]);
    }

    /** A length on site as millimetres on paper. */
    public function mm(float $metres): float
    {
        return round($metres * 1000 / $this->oneTo, 2);
    }
}
