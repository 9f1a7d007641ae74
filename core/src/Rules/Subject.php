<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

use UnitEnum;

/** What is judged: each room has an enum of its own, with its words for the three levels. */
interface Subject extends UnitEnum
{
    /** The verdict in a few words of English, by which a translation is found. */
    public function word(Level $level): string;
}
