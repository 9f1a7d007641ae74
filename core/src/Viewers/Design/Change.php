<?php

declare(strict_types=1);

namespace KeenShadow\Core\Viewers\Design;

use KeenShadow\Core\Viewers\Optics\PinholeCriterion;

/** What may be changed about a design to see more. */
enum Change: string
{
    case SharpestHole = 'sharpest_hole';
    case EqualHole = 'equal_hole';
    case BrighterHole = 'brighter_hole';
    case InFocus = 'in_focus';
    /** With the best hole for it. */
    case Longer = 'longer';
    case Farther = 'farther';
    case Darker = 'darker';

    public static function ofHole(PinholeCriterion $criterion): self
    {
        return match ($criterion) {
            PinholeCriterion::Petzval => self::SharpestHole,
            PinholeCriterion::EqualBlur => self::EqualHole,
            PinholeCriterion::Rayleigh => self::BrighterHole,
        };
    }
}
