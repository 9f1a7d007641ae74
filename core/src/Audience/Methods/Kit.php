<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Methods;

/** What may be at hand already. Glasses are counted, not ticked. */
enum Kit: string
{
    case Banner = 'banner';
    case Refractor = 'refractor';
    case Binocular = 'binocular';
    case FilteredTelescope = 'filtered_telescope';
    case FlatMirror = 'flat_mirror';
    case WhiteSheet = 'white_sheet';
}
