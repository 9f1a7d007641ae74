<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Drawings\Day\LookRose;
use App\Text\DayWords;
use KeenShadow\Core\Day\Look;
use KeenShadow\Core\Day\SeenPlanet;
use KeenShadow\Core\Sky\Bearing;
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

    public static function of(LocalEclipse $here): self
    {
        $planets = SeenPlanet::over($here);
        $course = ShadowCourse::over($here);

        return new self(
            LookRose::of($here, $planets, $course),
            DayWords::direction(Bearing::ofSun($here->circumstances->maximum)),
            $course === null ? '' : DayWords::shadow($course),
            array_map(DayWords::planet(...), $planets),
            array_combine(array_map(static fn(Look $look): string => $look->value, Look::cases()), array_map(DayWords::look(...), Look::cases())),
        );
    }
}
