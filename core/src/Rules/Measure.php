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
    case ImageInStrayLight = 'image-in-stray-light';
    case ScreenInFocus = 'screen-in-focus';
    case ImageOnTheScreen = 'image-on-the-screen';
    case ImageNotDazzling = 'image-not-dazzling';
    case WholeSunInTheEyepiece = 'whole-sun-in-the-eyepiece';
    case TriedDistance = 'tried-distance';
    case TriedOpening = 'tried-opening';
    case TimeAtTheCamera = 'time-at-the-camera';
    case SunInTheFrame = 'sun-in-the-frame';
    case DriftOfTheImage = 'drift-of-the-image';
    case StepOfTheCamera = 'step-of-the-camera';
    case SetToTheKit = 'set-to-the-kit';

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
            self::ImageInStrayLight => 'An image is seen well where it adds a tenth to the stray light on the screen, and not at all where it adds less than a fiftieth.',
            self::ScreenInFocus => 'A lens draws sharply where the screen is in its focus.',
            self::ImageOnTheScreen => 'The whole Sun is seen where its image fits on the screen.',
            self::ImageNotDazzling => 'An image more than three times as bright as paper in the Sun dazzles.',
            self::TriedDistance => 'A viewer that was tried is as designed where its image is as large as the design has it, within twice the uncertainty.',
            self::TriedOpening => 'A viewer that was tried is as designed where its edge looks as sharp as the design has it.',
            self::TimeAtTheCamera => 'No more than half of the time in which filters may be off is spent at a camera.',
            self::SunInTheFrame => 'A picture shows the Sun with the corona that is wanted where both are in the frame all the while.',
            self::DriftOfTheImage => 'On a mount that stands still a picture is sharp where the image moves by no more pixels than are allowed.',
            self::StepOfTheCamera => 'An exposure can be set where a step of the camera lies within half a stop of it.',
            self::SetToTheKit => 'A camera is set to what it and its lens have.',
            self::WholeSunInTheEyepiece => 'The whole Sun is seen where its image at the focus is narrower than the eyepiece\'s field stop, about 0.7 of its focal length.',
        };
    }

    public function source(): Source
    {
        return match ($this) {
            self::SunClear, self::InTheShade, self::HoleOnTheBanner, self::BeamFree => Source::Plan,
            self::BeamAndPeople, self::TimeAtTheCamera => Source::CommonPractice,
            self::ImageWiderThanHole, self::SunInTheFrame, self::DriftOfTheImage, self::SetToTheKit, self::ScreenInFocus, self::ImageOnTheScreen, self::TriedDistance => Source::Optics,
            self::DetailsAcross, self::ImageLargeEnough, self::ImageInStrayLight, self::ImageNotDazzling, self::WholeSunInTheEyepiece, self::TriedOpening, self::StepOfTheCamera => Source::OwnJudgement,
        };
    }
}
