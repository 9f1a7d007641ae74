<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Drawings\Site\DoorwayDrawing;
use App\Text\Angles;
use App\Text\Clock;
use DateTimeImmutable;
use KeenShadow\Core\Site\Doorway\DoorwayOutlook;
use KeenShadow\Core\Site\Skyline\SunlitSite;

/** A banner at one moment: where the Sun stands, who looks where, and how it is cut for then. */
final readonly class DoorwayMoment
{
    /**
     * @param string $time of day, as the form takes it
     * @param string $when the same for reading, with the date if that is another
     * @param string $sun where it stands
     */
    private function __construct(
        public string $time,
        public string $when,
        public string $sun,
        public DoorwayDrawing $drawing,
        public CuttingPlan $cutting,
    ) {}

    public static function of(DoorwayOutlook $outlook, SunlitSite $site, DateTimeImmutable $moment): self
    {
        $sun = $site->track->atTime($moment);
        $aside = $outlook->banner->facade->sunToTheRightDeg($sun);
        $degrees = Angles::degrees(abs($aside), 0);

        return new self(
            $site->here->local($moment)->format('H:i'),
            Clock::over($site->here)->minute($moment),
            __('Sun :alt up, :side of straight out', [
                'alt' => Angles::degrees($sun->altitudeDeg),
                'side' => $aside < 0 ? __(':deg to the left', ['deg' => $degrees]) : __(':deg to the right', ['deg' => $degrees]),
            ]),
            DoorwayDrawing::of($outlook->banner, $outlook->eyesM, $sun),
            CuttingPlan::of($outlook, $site->track, $sun),
        );
    }
}
