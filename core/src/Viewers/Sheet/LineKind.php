<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Sheet;

/** What is done along a line of a template. */
enum LineKind: string
{
    case Cut = 'cut';
    /** Nothing is cut there: an image, a place for something. */
    case Guide = 'guide';
}
