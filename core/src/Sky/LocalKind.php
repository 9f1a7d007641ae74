<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

/** What an eclipse is at one place, the horizon ignored. */
enum LocalKind: string
{
    case None = 'none';
    case Partial = 'partial';
    case Annular = 'annular';
    case Total = 'total';

    /** Whether the place lies inside the path, so that there is a C2 and a C3. */
    public function isCentral(): bool
    {
        return $this === self::Annular || $this === self::Total;
    }
}
