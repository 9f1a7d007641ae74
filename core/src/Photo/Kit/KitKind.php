<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Kit;

/** What a piece of photographic kit is. */
enum KitKind: string
{
    /** With a lens of its own where it is a phone. */
    case Camera = 'camera';
    case Optics = 'optics';
    case Filter = 'filter';
    case Mount = 'mount';
}
