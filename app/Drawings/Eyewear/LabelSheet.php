<?php

declare(strict_types=1);

namespace App\Drawings\Eyewear;

/** Sheets of labels that are sold by many makers, A4, in millimetres (common sizes, from memory; try one on plain paper first). The sizes themselves stand in the style sheet, rooms/_labels.scss. */
enum LabelSheet: string
{
    case Large = '3x8';
    case Medium = '4x10';
    case Small = '5x13';

    /** @return int<1, max> */
    public function columns(): int
    {
        return match ($this) {
            self::Large => 3,
            self::Medium => 4,
            self::Small => 5,
        };
    }

    /** @return int<1, max> */
    public function rows(): int
    {
        return match ($this) {
            self::Large => 8,
            self::Medium => 10,
            self::Small => 13,
        };
    }

    /** @return array{float, float} width and height of a label in millimetres */
    public function sizeMm(): array
    {
        return match ($this) {
            self::Large => [70.0, 37.0],
            self::Medium => [48.5, 25.4],
            self::Small => [38.1, 21.2],
        };
    }
}
