<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

/** What the rooms measure by themselves, and by what rule: whether something works, never whether an eye may look. */
enum Measure: string
{
    case SunClear = 'sun-clear';
    case InTheShade = 'in-the-shade';
    case HoleOnTheBanner = 'hole-on-the-banner';
    case BeamFree = 'beam-free';
    case BeamAndPeople = 'beam-and-people';
    case ImageWiderThanHole = 'image-wider-than-hole';
    case DetailsAcross = 'details-across';
    case ImageLargeEnough = 'image-large-enough';

    public function statement(): string
    {
        return match ($this) {
            self::SunClear => 'The Sun is seen while its whole disc is clear of all that stands on the plan, by more than the measuring leaves open.',
            self::InTheShade => 'A place is in the shade while the whole disc is never clear from it.',
            self::HoleOnTheBanner => 'Behind a banner the Sun is seen where the hole for these eyes lies on the sheet and nothing outside stands in front of the Sun.',
            self::BeamFree => 'A flat mirror throws its image where nothing stands between the Sun, the mirror and the screen, and its light meets the glass well.',
            self::BeamAndPeople => 'Windows, doorways and people that a beam goes by, and where it runs at the height of eyes, are named.',
            self::ImageWiderThanHole => 'A hole shows the Sun where the image is wider than the hole.',
            self::DetailsAcross => 'A crescent shows where at least 3 blurs fit across the disc.',
            self::ImageLargeEnough => 'A disc under 2.5 mm is hard to see.',
        };
    }

    public function source(): Source
    {
        return match ($this) {
            self::SunClear, self::InTheShade, self::HoleOnTheBanner, self::BeamFree => Source::Plan,
            self::BeamAndPeople => Source::CommonPractice,
            self::ImageWiderThanHole => Source::Optics,
            self::DetailsAcross, self::ImageLargeEnough => Source::OwnJudgement,
        };
    }
}
