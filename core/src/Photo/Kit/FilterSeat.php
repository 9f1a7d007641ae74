<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Kit;

/** Where a filter sits; the values are the rule book's words. */
enum FilterSeat: string
{
    case Front = 'front';
    case Thread = 'thread';
    case BehindOptics = 'behind_optics';
}
