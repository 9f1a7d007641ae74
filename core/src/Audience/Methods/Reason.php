<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Methods;

/** What speaks for or against a method for one group. */
enum Reason: string
{
    case ServesMany = 'serves_many';
    case BuiltInAnHour = 'built_in_an_hour';
    case AtHand = 'at_hand';
    case EverybodyCan = 'everybody_can';
    case ForThoseWhoDoNotSee = 'for_those_who_do_not_see';
    case WholeDiscInDetail = 'whole_disc_in_detail';
    case KeepsTheYoungBusy = 'keeps_the_young_busy';
    case WorksLowSun = 'works_low_sun';

    case OneAtATime = 'one_at_a_time';
    case NotInTime = 'not_in_time';
    case TooFewHelpers = 'too_few_helpers';
    case TooDear = 'too_dear';
    case NeedsASheet = 'needs_a_sheet';
    case NeedsAShadedWall = 'needs_a_shaded_wall';
    case HighSun = 'high_sun';
    case LowSun = 'low_sun';
    case EachChildWatched = 'each_child_watched';
    case TooFewPairs = 'too_few_pairs';
    case NotForTheEyes = 'not_for_the_eyes';

    /** How much it counts, for (positive) or against (own judgement). */
    public function weight(): int
    {
        return match ($this) {
            self::ForThoseWhoDoNotSee => 6,
            self::ServesMany, self::AtHand => 3,
            self::BuiltInAnHour, self::EverybodyCan, self::WholeDiscInDetail, self::KeepsTheYoungBusy, self::WorksLowSun => 2,
            self::NeedsASheet => 0,
            self::HighSun, self::LowSun, self::TooDear, self::TooFewPairs => -2,
            self::OneAtATime, self::TooFewHelpers, self::NeedsAShadedWall, self::EachChildWatched => -3,
            self::NotForTheEyes => -4,
            self::NotInTime => -12,
        };
    }

    public function isFor(): bool
    {
        return $this->weight() > 0;
    }

    /** The reason in a sentence, by which a translation is found. */
    public function words(): string
    {
        return match ($this) {
            self::ServesMany => 'Many follow it at the same time.',
            self::BuiltInAnHour => 'It is built in an hour from kitchen things.',
            self::AtHand => 'What it takes is at hand.',
            self::EverybodyCan => 'Nobody looks at the Sun: everybody can, the youngest too.',
            self::ForThoseWhoDoNotSee => 'It is felt and heard by those who see little or nothing.',
            self::WholeDiscInDetail => 'It shows the disc large, with sunspots.',
            self::KeepsTheYoungBusy => 'Each has one of their own to build and to hold.',
            self::WorksLowSun => 'A low Sun reaches a wall well.',
            self::OneAtATime => 'One looks at a time: the queue is long.',
            self::NotInTime => 'It cannot be here in time any more.',
            self::TooFewHelpers => 'It takes more helpers than there are.',
            self::TooDear => 'It costs more than there is.',
            self::NeedsASheet => 'The ground takes no image: lay a white sheet, or hang one up.',
            self::NeedsAShadedWall => 'It takes a wall in the shade.',
            self::HighSun => 'The Sun stands so high that a mirror sends its light down into faces.',
            self::LowSun => 'The Sun stands so low that the image on the ground is drawn out: hold a screen up to it.',
            self::EachChildWatched => 'Each child who looks needs an adult who watches only this child: no more look at a time than there are adults.',
            self::TooFewPairs => 'There are too few pairs that are fit.',
            self::NotForTheEyes => 'For those who see it adds little.',
        };
    }
}
