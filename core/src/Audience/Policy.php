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

    /**
     * What the rule book calls it. Where people look from indoors through a banner, nobody looks directly in another way;
     * through the banner they look as through glasses.
     */
    public function inTheBook(bool $isThroughBanner = false): string
    {
        return match (true) {
            $this !== self::Banner => $this->value,
            $isThroughBanner => self::Glasses->value,
            default => self::IndirectOnly->value,
        };
    }
}
