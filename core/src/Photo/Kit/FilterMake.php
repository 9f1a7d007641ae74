<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Kit;

use KeenShadow\Core\Photo\FilterDensity;

/** What a filter before a lens is made for; the values are the rule book's words. */
enum FilterMake: string
{
    case Visual = 'visual_front';
    case Photographic = 'photo_front';
    /** A lens of eclipse glasses, for a phone. */
    case Glasses = 'eclipse_glasses';

    public function density(): FilterDensity
    {
        return $this === self::Photographic ? FilterDensity::Four : FilterDensity::Five;
    }
}
