<?php

declare(strict_types=1);

namespace App\Exports;

/** Paper that cards and the briefing are printed on. */
enum SheetPaper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    /** @return array{float, float} width and height, mm */
    public function sizeMm(): array
    {
        return match ($this) {
            self::A4 => [210.0, 297.0],
            self::Letter => [215.9, 279.4],
        };
    }
}
