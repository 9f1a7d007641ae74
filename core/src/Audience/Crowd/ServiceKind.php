<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

/** How service times differ from each other. */
enum ServiceKind
{
    case Fixed;
    case Uniform;
    case Exponential;
}
