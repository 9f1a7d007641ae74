<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Design;

/** What people have at hand to make a viewer of. */
enum Thing: string
{
    case Card = 'card';
    case Foil = 'foil';
    case Box = 'box';
    case LargeBox = 'large_box';
    case SnackTube = 'snack_tube';
    case LongTube = 'long_tube';
    case Sieve = 'sieve';
    case Cup = 'cup';
    case FlatMirror = 'flat_mirror';
    case ReadingLens = 'reading_lens';
    case Telescope = 'telescope';
    case SmallMirrors = 'small_mirrors';
}
