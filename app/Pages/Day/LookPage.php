<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Drawings\Day\LookRose;
use App\Text\DayWords;
use KeenShadow\Core\Day\Look;
use KeenShadow\Core\Day\SeenPlanet;
use KeenShadow\Core\Rules\Gaze;
use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\ShadowCourse;

/** What is worth a look in totality, and where. */
final readonly class LookPage
{
    /**
     * @param string $shadow from where it comes and where it goes; empty where its middle passes beside the Earth
     * @param list<string> $planets numbered as in the drawing
     * @param array<string, string> $looks what each is, in a sentence
     */
    private function __construct(public LookRose $rose, public string $sun, public string $shadow, public array $planets, public array $looks) {}

    /** Whether people may look for the shadow in the minute before it comes, as a dark wall up to some 20° high. */
    private static function isSafe(ShadowCourse $course, LocalEclipse $here): bool
    {
        $begin = $here->circumstances->contact(ContactName::C2)?->time();
        foreach ($begin === null ? [] : [$begin->modify('-1 minute'), $begin] as $moment) {
            $sun = Bearing::ofSun($here->at($moment));
            if (!Gaze::isSafeTowards(new Bearing($course->comesFromDeg, 0.0), $sun, false) || !Gaze::isSafeTowards(new Bearing($course->comesFromDeg, 20.0), $sun, false)) {
                return false;
            }
        }

        return $begin !== null;
    }

    public static function of(LocalEclipse $here): self
    {
        $planets = SeenPlanet::over($here);
        $course = ShadowCourse::over($here);
        $isSafe = $course !== null && self::isSafe($course, $here);

        return new self(
            LookRose::of($here, $planets, $isSafe ? $course : null),
            DayWords::direction(Bearing::ofSun($here->circumstances->maximum)),
            $course === null ? '' : ($isSafe ? DayWords::shadow($course) : DayWords::shadowAtTheSun()),
            array_map(DayWords::planet(...), $planets),
            array_combine(array_map(static fn(Look $look): string => $look->value, Look::cases()), array_map(DayWords::look(...), Look::cases())),
        );
    }
}
