<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Kit;

/** What throws the image on a sensor. */
enum OpticsBuild: string
{
    case Lens = 'lens';
    case Refractor = 'refractor';
    case Newtonian = 'newtonian';
    /** Cassegrain types. */
    case ClosedMirror = 'closed_mirror';

    /** The rule book's word for a camera with it. */
    public function instrument(): string
    {
        return $this === self::Lens ? 'camera' : $this->value;
    }
}
