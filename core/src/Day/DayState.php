<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

/** What holds at one moment of the day, for everybody there. */
enum DayState: string
{
    /** The eclipse has not begun. Whoever looks at the Sun does so through a filter. */
    case Before = 'before';
    case FiltersOn = 'filters_on';
    /** Between the guarded times of totality, and only there. */
    case MayComeOff = 'may_come_off';
    /** In totality, but a stop or a cloud was taken back too late for filters to come off again. */
    case KeptOn = 'kept_on';
    /** After totality: they are on again, and stay on. */
    case FiltersBackOn = 'filters_back_on';
    case After = 'after';
    /** Called: what is planned for clouds goes on, with filters on. */
    case Clouded = 'clouded';
    /** Called: filters on, nobody looks, everybody waits. */
    case Stopped = 'stopped';

    /** What holds instead where the cloud is called; before and after there is nothing for it to cover. */
    public function whenClouded(): self
    {
        return $this === self::Before || $this === self::After ? $this : self::Clouded;
    }

    public function areFiltersOn(): bool
    {
        return $this !== self::MayComeOff;
    }
}
