<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

/** The optical finder of a camera or a telescope; the values are the rule book's words. */
enum Finder: string
{
    case None = 'none';
    case Removed = 'removed';
    case CappedBoth = 'capped_both';
    case CappedFront = 'capped_front';
    case Open = 'open';
    /** Of a reflex camera: through the lens, and whatever filter is on it. */
    case ThroughLens = 'through_lens';
}
