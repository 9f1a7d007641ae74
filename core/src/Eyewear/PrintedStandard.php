<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** Which standard the print on the glasses claims. */
enum PrintedStandard: string
{
    case Iso12312 = 'iso12312';
    case LogoOnly = 'logo';
    case Another = 'another';
    case None = 'none';
}
