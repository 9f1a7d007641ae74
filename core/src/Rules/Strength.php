<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** How firmly a rule stands. */
enum Strength: string
{
    case Undisputed = 'undisputed';
    /** Schools differ; the book has chosen one and says why. */
    case Chosen = 'chosen among schools';
    /** Own judgement, on the safe side. */
    case Cautious = 'cautious';
}
