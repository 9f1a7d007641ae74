<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Spectrum;

/** The bands that ISO 12312-2:2015 judges (from memory), in nanometres, both ends among them. */
enum Band
{
    case Uvb;
    case Uva;
    case Visible;
    case Infrared;

    public function fromNm(): int
    {
        return match ($this) {
            self::Uvb => 280,
            self::Uva => 315,
            self::Visible => Cie::FROM_NM,
            self::Infrared => 780,
        };
    }

    public function toNm(): int
    {
        return match ($this) {
            self::Uvb => 315,
            self::Uva => 380,
            self::Visible => Cie::TO_NM,
            self::Infrared => 1400,
        };
    }
}
