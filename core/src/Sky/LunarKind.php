<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

/** How deep the Moon goes into the Earth's shadow. */
enum LunarKind: string
{
    case Penumbral = 'penumbral';
    case Partial = 'partial';
    case Total = 'total';
}
