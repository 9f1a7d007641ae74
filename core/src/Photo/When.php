<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** When in totality something is to be taken. */
enum When: string
{
    /** As soon as the filter is off: what goes as the Moon moves on. */
    case First = 'first';
    case Between = 'between';
    /** Until the filter goes on: what comes as the Moon moves on. */
    case Last = 'last';
}
