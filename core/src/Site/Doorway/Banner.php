<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Doorway;

use KeenShadow\Core\Site\Plan\Facade;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\SiteException;
use KeenShadow\Core\Site\Skyline\AzimuthSpan;
use KeenShadow\Core\Site\Skyline\DiscVisibility;
use KeenShadow\Core\Site\Skyline\Skyline;
use KeenShadow\Core\Sky\StateInterval;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Sky\SunTrack;
use KeenShadow\Core\Sky\Timeline;

/**
 * A sheet across a doorway or window, with filters in holes; people stay inside and look out through them.
 *
 * With the eye at height h and distance D behind the sheet, the Sun at apparent altitude a and β to the right of
 * straight out, its rays meet the sheet at the height h + D·tan a / cos β and D·tan β to the right of the eye. The
 * method is common practice with no published source; the calculation is plane trigonometry.
 */
final readonly class Banner
{
    public const LEAST_DISTANCE_M = 0.1;
    public const MOST_DISTANCE_M = 5.0;
    /** A window for both eyes, with the filter of a pair of glasses behind it (common practice, no source). */
    public const HOLE_WIDTH_M = 0.12;
    public const HOLE_HEIGHT_M = 0.05;
    /** Sheet that must be left around a hole. */
    public const RIM_M = 0.05;
    private const STEP_SECONDS = 60.0;

    private function __construct(
        public Facade $facade,
        public float $distanceM,
        private SitePlan $plan,
    ) {}

    /** @throws SiteException when the distance is out of range */
    public static function across(Facade $facade, float $distanceM, SitePlan $plan): self
    {
        if (!($distanceM >= self::LEAST_DISTANCE_M && $distanceM <= self::MOST_DISTANCE_M)) {
            throw SiteException::outOfRange('distance_m', 'distance_m', $distanceM, self::LEAST_DISTANCE_M, self::MOST_DISTANCE_M);
        }

        return new self($facade, $distanceM, $plan);
    }

    /** Null when the Sun is behind the wall. */
    public function holeHeightM(float $eyeM, SunPosition $sun): ?float
    {
        return $this->facade->isFacing($sun)
            ? $eyeM + $this->distanceM * tan(deg2rad($sun->altitudeDeg)) / cos(deg2rad($this->facade->sunToTheRightDeg($sun)))
            : null;
    }

    /** How far to the right of the eye; null when the Sun is behind the wall. */
    public function holeToTheRightM(SunPosition $sun): ?float
    {
        return $this->facade->isFacing($sun) ? $this->distanceM * tan(deg2rad($this->facade->sunToTheRightDeg($sun))) : null;
    }

    /** The highest place for the middle of a hole so long. */
    public function highestM(float $lengthM): float
    {
        return $this->facade->headM - self::RIM_M - $lengthM / 2;
    }

    /** The lowest place for it. */
    public function lowestM(float $lengthM): float
    {
        return $this->facade->sillM + self::RIM_M + $lengthM / 2;
    }

    /** From the leftmost place for the middle of a hole so wide to the rightmost; negative when there is none. */
    public function roomM(float $widthM): float
    {
        return $this->facade->widthM - 2 * self::RIM_M - $widthM;
    }

    /** What becomes of the look through a banner for an eye at some height. People stand within the width of the opening. */
    public function stateFor(float $eyeM, SunPosition $sun): BannerState
    {
        $height = $this->holeHeightM($eyeM, $sun);
        if ($height === null) {
            return BannerState::NotFacing;
        }

        return match (true) {
            !$sun->isUp() => BannerState::SunDown,
            $height > $this->highestM(self::HOLE_HEIGHT_M) => BannerState::AboveLintel,
            $height < $this->lowestM(self::HOLE_HEIGHT_M) => BannerState::BelowSill,
            abs((float) $this->holeToTheRightM($sun)) > $this->roomM(self::HOLE_WIDTH_M) => BannerState::PastJamb,
            $this->skylineTowards($sun, $height)->visibilityOf($sun) !== DiscVisibility::Clear => BannerState::Blocked,
            default => BannerState::Works,
        };
    }

    /** What stands outside in front of the Sun, for an eye whose look is blocked; null is the far horizon. */
    public function blockedBy(float $eyeM, SunPosition $sun): ?string
    {
        return $this->skylineTowards($sun, $this->holeHeightM($eyeM, $sun) ?? $eyeM)->boundBefore($sun);
    }

    /** @return list<StateInterval<BannerState>> */
    public function intervalsFor(float $eyeM, SunTrack $track): array
    {
        return Timeline::intervals($track, self::STEP_SECONDS, fn(SunPosition $sun): BannerState => $this->stateFor($eyeM, $sun));
    }

    /** Only what stands in front of the Sun is looked at: the hole moves with it, so that each moment has a skyline of its own. */
    private function skylineTowards(SunPosition $sun, float $holeM): Skyline
    {
        return Skyline::from($this->facade->outside(), $holeM, $this->plan->obstacles(), $this->plan->horizon, 0.0, AzimuthSpan::of([$sun]));
    }
}
