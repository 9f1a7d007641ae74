<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Scenes;

/** How a scene comes out. */
enum Ending: string
{
    case Well = 'well';
    case Badly = 'badly';
}
