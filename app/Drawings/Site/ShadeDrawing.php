<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Drawings\SvgPoint;
use App\Text\Angles;
use App\Text\Clock;
use App\Text\Numbers;
use DateTimeImmutable;
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
                foreach (ShadowOnGround::of($obstacle, $sun) as $quadrangle) {
                    $path .= self::piece($quadrangle);
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

    /** @param list<\KeenShadow\Core\Geometry\PlanPoint> $corners */
    private static function piece(array $corners): string
    {
        $places = array_map(SvgPoint::of(...), $corners);
        // All turn the same way, so that two that overlap do not cancel out.
        $area = 0.0;
        foreach ($places as $i => $p) {
            $q = $places[($i + 1) % count($places)];
            $area += $p->x * $q->y - $q->x * $p->y;
        }
        $ordered = $area < 0 ? array_reverse($places) : $places;

        return 'M' . implode('L', array_map(static fn(SvgPoint $p): string => round($p->x, 1) . ' ' . round($p->y, 1), $ordered)) . 'Z';
    }
}
