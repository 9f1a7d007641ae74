<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** What happens to pairs on the day. */
enum StockMove: string
{
    /** Handed to a group. */
    case Out = 'out';
    case Back = 'back';
    case Lost = 'lost';
    /** Cut through, by somebody, in some way. */
    case Destroyed = 'destroyed';
}
