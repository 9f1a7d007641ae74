<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience;

/** What the organiser has decided of how people look at an event. A school's or a district's own rules come first. */
enum Policy: string
{
    case IndirectOnly = 'indirect_only';
    case Glasses = 'glasses';
    /** From indoors, through checked filters in a banner across a doorway. */
    case Banner = 'banner';
    case Mixed = 'mixed';

    /** What the rule book calls it: a banner is looked through as glasses are. */
    public function inTheBook(): string
    {
        return $this === self::Banner ? self::Glasses->value : $this->value;
    }
}
