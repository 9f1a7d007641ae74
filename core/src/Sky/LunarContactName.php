<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

/** The moments of a lunar eclipse: the Moon meets the penumbra (P) and the umbra (U). */
enum LunarContactName: string
{
    case P1 = 'P1';
    case U1 = 'U1';
    case U2 = 'U2';
    case Maximum = 'max';
    case U3 = 'U3';
    case U4 = 'U4';
    case P4 = 'P4';
}
