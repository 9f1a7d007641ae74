<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** The answer to a question about what is printed on a lot of glasses or its packing. */
enum Stated: string
{
    case Yes = 'yes';
    case No = 'no';
    case Unsure = 'unsure';
}
