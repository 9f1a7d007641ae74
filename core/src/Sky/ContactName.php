<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

/** The moments of an eclipse, in the order in which they come. */
enum ContactName: string
{
    case C1 = 'C1';
    case C2 = 'C2';
    case Maximum = 'max';
    case C3 = 'C3';
    case C4 = 'C4';
}
