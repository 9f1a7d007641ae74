<?php

declare(strict_types=1);

namespace KeenShadow\Core\Training\Cards;

use KeenShadow\Core\Rules\Part;
use KeenShadow\Core\Rules\Situation;

/** What comes with a thing that is asked about, and tempts to another answer. */
enum Circumstance: string
{
    case None = 'none';
    case LowSun = 'low_sun';
    case Ring = 'ring';
    case IndirectOnly = 'indirect_only';

    private const LOW_DEG = 2.0;

    /** @return Situation|null the same with it; null where it cannot be or has nothing to do with it */
    public function of(Situation $situation): ?Situation
    {
        $isAtTheSun = in_array($situation->get(Part::Look), ['direct', 'through_optics', 'reflection', 'through_pinhole'], true);
        $isTotal = $situation->get(Part::Phase) === 'total';

        return match ($this) {
            self::None => $situation,
            self::LowSun => $isAtTheSun && !$isTotal ? $situation->with(Part::SunAltitude, self::LOW_DEG) : null,
            self::Ring => $isAtTheSun && $situation->get(Part::Phase) === 'partial' ? $situation->with(Part::Phase, 'annular') : null,
            self::IndirectOnly => $isAtTheSun ? $situation->with(Part::Policy, 'indirect_only') : null,
        };
    }
}
