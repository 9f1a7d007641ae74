<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Spectrum;

/** As the wearer has them. */
enum Lens: string
{
    case Right = 'right';
    case Left = 'left';
}
