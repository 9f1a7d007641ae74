<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** When an image of the Sun, thrown by a hole or a mirror, shows what there is to see. */
final class ImageQuality
{
    /** Below this many blur widths across the disc a crescent is hard to tell from a blob (own judgement). */
    public const FEWEST_DETAILS = 3;
}
