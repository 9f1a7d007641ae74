<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

/** A sheet of paper, upright (ISO 216; ANSI/ASME Y14.1). */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    /** Printers leave so much of an edge white. */
    public const RIM_MM = 12.0;
    /** At the foot, for the line of 100 mm and the name. */
    public const FOOT_MM = 18.0;

    public function widthMm(): float
    {
        return $this === self::A4 ? 210.0 : 215.9;
    }

    public function heightMm(): float
    {
        return $this === self::A4 ? 297.0 : 279.4;
    }

    public function usableWidthMm(): float
    {
        return $this->widthMm() - 2 * self::RIM_MM;
    }

    public function usableHeightMm(): float
    {
        return $this->heightMm() - 2 * self::RIM_MM - self::FOOT_MM;
    }
}
