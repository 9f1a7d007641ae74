<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** Whether welding glass is always as dark. */
enum Darkening: string
{
    case Fixed = 'fixed';
    /** It darkens by itself when an arc is struck. */
    case Automatic = 'automatic';
    case Unsure = 'unsure';
}
