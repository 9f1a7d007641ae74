<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

/** A planet that eyes can see. */
enum Planet: string
{
    case Mercury = 'mercury';
    case Venus = 'venus';
    case Mars = 'mars';
    case Jupiter = 'jupiter';
    case Saturn = 'saturn';
}
