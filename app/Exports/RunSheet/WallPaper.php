<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

/** Paper that a run sheet hangs on a wall on. */
enum WallPaper: string
{
    case A4 = 'a4';
    case A3 = 'a3';
    case Letter = 'letter';

    /** Letters in points: on the larger paper they are read from farther away. */
    public function letterPt(): float
    {
        return $this === self::A3 ? 13.0 : 11.0;
    }
}
