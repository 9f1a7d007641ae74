<?php

declare(strict_types=1);

namespace App\Text;

use KeenShadow\Core\Day\DayState;
use KeenShadow\Core\Day\EntryKind;

/** What the day's screen says. */
final class DayWords
{
    public static function state(DayState $state): string
    {
        return match ($state) {
            DayState::Before => __('Not begun yet'),
            DayState::FiltersOn => __('Filters on'),
            DayState::MayComeOff => __('Totality: filters may come off'),
            DayState::FiltersBackOn => __('Filters back on'),
            DayState::After => __('The eclipse is over'),
            DayState::Clouded => __('Clouded: filters on'),
            DayState::Stopped => __('Stop: filters on'),
        };
    }

    /** What everybody there does. */
    public static function whatToDo(DayState $state): string
    {
        return match ($state) {
            DayState::Before => __('The whole Sun shines: whoever looks at it looks through a filter.'),
            DayState::FiltersOn => __('Some of the Sun shows: nobody looks without a filter.'),
            DayState::MayComeOff => __('Only until the call. Look up, look round; be behind the filter when it is called.'),
            DayState::FiltersBackOn => __('The Sun is back: filters stay on to the end.'),
            DayState::After => __('The Sun is as bright as ever: filters on, whoever looks.'),
            DayState::Clouded => __('It may break open at any moment: filters stay on. Go on with what needs no Sun.'),
            DayState::Stopped => __('Nobody looks. Instruments are covered. Wait for whoever leads.'),
        };
    }

    /** What a line of the log is, before what was written. */
    public static function kind(EntryKind $kind): string
    {
        return match ($kind) {
            EntryKind::Stop => __('Stop'),
            EntryKind::GoOn => __('Go on'),
            EntryKind::Cloud => __('Cloud'),
            EntryKind::Clear => __('Clear again'),
            EntryKind::Note => '',
            EntryKind::Message => __('To all'),
            EntryKind::CheckIn => __('At the post'),
            EntryKind::CheckOut => __('Left the post'),
            EntryKind::NoShow => __('Does not come'),
            EntryKind::FilterOff => __('A filter came off'),
            EntryKind::RehearsalEnds => __('The rehearsal ended'),
        };
    }
}
