<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Kit;

/** How a filter is held; the values are the rule book's words. */
enum Fixing: string
{
    case Screwed = 'screwed';
    case Taped = 'taped';
    case PushedOn = 'pushed_on';
    case Loose = 'loose';
}
