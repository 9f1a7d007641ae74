<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Text\Angles;
use App\Text\Clock;
use App\Text\Numbers;
use DateTimeImmutable;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Shadow\ShadowOnGround;
use KeenShadow\Core\Site\Skyline\SunlitSite;

/** The shade on the ground at one moment, for the plan. */
final readonly class ShadeDrawing
{
    private function __construct(
        public string $path,
        public string $time,
        public string $words,
    ) {}

    public static function of(SunlitSite $site, DateTimeImmutable $moment): self
    {
        $sun = $site->track->atTime($moment);
        $path = '';
        if ($sun->isUp()) {
            foreach ($site->plan->obstacles() as $obstacle) {
                foreach (ShadowOnGround::of($obstacle, $sun) as $outline) {
                    // All turn the same way, so that two that overlap do not cancel out.
                    $path .= self::piece($outline);
                }
            }
        }

        return new self(
            $path,
            Clock::over($site->here)->minute($moment),
            $sun->isUp()
                ? __('Sun :alt up at azimuth :az; 1 m upright throws :shadow m of shadow towards :to', [
                    'alt' => Angles::degrees($sun->altitudeDeg), 'az' => Angles::direction($sun->azimuthDeg),
                    'shadow' => Numbers::decimal($sun->shadowPerMetre(), 2), 'to' => Angles::direction($sun->shadowBearingDeg(), 0),
                ])
                : __('The Sun is down.'),
        );
    }

    /** @param non-empty-list<PlanPoint> $corners */
    private static function piece(array $corners): string
    {
        $path = $last = '';
        foreach ($corners as $corner) {
            $place = round($corner->eastM, 1) . ' ' . (round(-$corner->northM, 1) + 0.0);
            $path .= $place === $last ? '' : ($path === '' ? 'M' : 'L') . $place;
            $last = $place;
        }

        return "{$path}Z";
    }
}
