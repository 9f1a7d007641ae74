<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

/** Whose face a build is made for. */
enum Wearer: string
{
    case Child = 'child';
    case Adult = 'adult';
    case Anyone = 'anyone';
    case Unsure = 'unsure';
}
