<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** Optical density of the filter before a lens. */
enum FilterDensity: int
{
    /** For cameras alone, never for the eye. */
    case Four = 4;
    /** As made for visual use. */
    case Five = 5;
}
