<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** What a filter for instruments is made for, by its print or its papers. */
enum MadeFor: string
{
    /** About OD 5: an eye may look through the instrument. */
    case Looking = 'looking';
    /** About OD 3.8: only a sensor. */
    case Photographs = 'photographs';
    case Unsure = 'unsure';
}
