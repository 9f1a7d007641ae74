<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

/** What is written down on the day, by a button or in words. */
enum EntryKind: string
{
    case Stop = 'stop';
    case GoOn = 'go_on';
    case Cloud = 'cloud';
    case Clear = 'clear';
    /** Why something was called, or a remark. */
    case Note = 'note';
    /** One line to all. */
    case Message = 'message';
    case CheckIn = 'check_in';
    case CheckOut = 'check_out';
    /** Somebody who is expected does not come. */
    case NoShow = 'no_show';
    /** A filter has come off an instrument. */
    case FilterOff = 'filter_off';
    case RehearsalEnds = 'rehearsal_ends';
    /** A number or words about what was seen; the logbook knows their kinds. */
    case Observation = 'observation';

    /** What it does to the state of the day; null does nothing. */
    public function call(): ?CallKind
    {
        return CallKind::tryFrom($this->value);
    }

    /** Whether every screen hears of it; all else is for those who lead, and for whoever wrote it. */
    public function isForAllScreens(): bool
    {
        return $this->call() !== null || in_array($this, [self::Message, self::NoShow, self::FilterOff, self::RehearsalEnds], true);
    }

    /**
     * Whether it is for those alone who lead. Whatever puts filters on is everybody's; what may end that, or speaks to all, is theirs.
     */
    public function isForLeaders(): bool
    {
        return in_array($this, [self::GoOn, self::Clear, self::Message, self::RehearsalEnds], true);
    }
}
