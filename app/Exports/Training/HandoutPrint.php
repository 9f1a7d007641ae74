<?php

declare(strict_types=1);

namespace App\Exports\Training;

/** How a handout is printed. */
enum HandoutPrint: string
{
    /** Two sides of one sheet, folded once to four pages. */
    case Folded = 'folded';
    case Large = 'large';
    /** Short sentences, the weightiest alone. */
    case Plain = 'plain';
}
