<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

/** The kind of an eclipse as a whole: what its best-placed observer sees. */
enum EclipseKind: string
{
    case Partial = 'partial';
    case Annular = 'annular';
    case Total = 'total';
    case Hybrid = 'hybrid';
}
