<?php

declare(strict_types=1);

namespace KeenShadow\Core\Logbook\Temperature;

/** What speaks against a drop found in a log. */
enum Objection: string
{
    case TooLittleBefore = 'too_little_before';
    case TooLittleAfter = 'too_little_after';
    case NoBaseline = 'no_baseline';
    /** It cooled, but there is no lowest point among the readings. */
    case NoMinimum = 'no_minimum';
    case WithinUncertainty = 'within_uncertainty';
    case Gap = 'gap';
    /** The curve between the contacts is not that of an eclipse: a cloud, a gust, a hand. */
    case Disturbed = 'disturbed';
    /** The light that was logged beside it shows clouds in the eclipse. */
    case Clouded = 'clouded';
    /** The minimum comes before the eclipse is deepest, or long after. */
    case StrangeLag = 'strange_lag';
    case DropUncertain = 'drop_uncertain';
    case LagUncertain = 'lag_uncertain';

    public function worth(): Worth
    {
        return match ($this) {
            self::NoBaseline, self::WithinUncertainty => Worth::None,
            default => Worth::Poor,
        };
    }
}
