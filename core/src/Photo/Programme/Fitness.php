<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

use KeenShadow\Core\Photo\Plan;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Measure;

/** Whether the pictures come out as they are planned: time, drift, frame, steps of the camera. */
final class Fitness
{
    /** @return list<Finding> what speaks against it */
    public static function findings(CameraPlan $plan): array
    {
        return array_values(array_filter([
            $plan->outfit->fits($plan->programme) ? null : Finding::measured(Measure::SetToTheKit, Level::Hold, 'It is set to an f-number or an ISO that this camera and lens do not have.', 'Set it to what they have.'),
            self::time($plan),
            self::frame($plan),
            self::drift($plan),
            self::steps($plan),
        ]));
    }

    private static function time(CameraPlan $plan): ?Finding
    {
        $freeS = $plan->freeS();
        $wishedS = $plan->wishedS();

        return $freeS === null || $wishedS <= Plan::MOST_SHARE * $freeS ? null : Finding::measured(
            Measure::TimeAtTheCamera,
            Level::Hold,
            'What is wished takes :wished s of the :free s in which filters may be off: more than half of them would be spent at the camera.',
            'The list below is shortened from the last wish on; take out what matters least, and look up.',
            ['wished' => round($wishedS, 1), 'free' => round($freeS, 1)],
        );
    }

    private static function frame(CameraPlan $plan): ?Finding
    {
        if ($plan->passage->staysS <= 0.0) {
            return Finding::measured(Measure::SunInTheFrame, Level::Hold, 'The Sun with the corona that is wanted does not fit into the frame.', 'Take a shorter focal length, or less of the corona.');
        }
        $freeS = $plan->freeS();

        return $plan->outfit->tracks() || $freeS === null || $plan->passage->staysS >= $freeS ? null : Finding::measured(
            Measure::SunInTheFrame,
            Level::Hold,
            'On a mount that stands still the Sun is in the frame for :stays s, less than the :free s of totality.',
            'Take a shorter focal length or a mount that goes with the Sun; otherwise somebody has to aim in totality.',
            ['stays' => floor($plan->passage->staysS), 'free' => round($freeS)],
        );
    }

    private static function drift(CameraPlan $plan): ?Finding
    {
        $longestS = $plan->longestS() ?? 0.0;
        $px = $plan->blurPx($longestS);

        return $px === null || $px <= $plan->programme->driftPx ? null : Finding::measured(
            Measure::DriftOfTheImage,
            Level::Hold,
            'On a mount that stands still the image moves by :px pixels in the longest exposure, of :seconds s.',
            'Raise the ISO, open the lens, leave the faintest out, or take a mount that goes with the Sun.',
            ['px' => round($px, 1), 'seconds' => round($longestS, 2)],
        );
    }

    private static function steps(CameraPlan $plan): ?Finding
    {
        $planned = array_merge(array_map(static fn(PartialPicture $picture): Exposure => $picture->exposure, $plan->partial), ...$plan->wished());

        return array_filter($planned, static fn(Exposure $exposure): bool => !$exposure->hasStep()) === [] ? null : Finding::measured(
            Measure::StepOfTheCamera,
            Level::Hold,
            'For some of it no camera has an exposure that short or that long.',
            'Change ISO or f-number until each lies between 1/8000 and 30 s.',
        );
    }
}
