<?php

declare(strict_types=1);

namespace App\Domain\Photo;

use App\Models\Photo\FilterTest;
use DateTimeImmutable;
use KeenShadow\Core\Photo\Settings;
use KeenShadow\Core\Photo\TestShot;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SunPath;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\JulianDate;

/** Test shots through filters, with the Sun as high as it stood then and there. */
final readonly class FilterTests
{
    public function __construct(private Ephemeris $ephemeris) {}

    /** @return float|null Q of the Sun overhead through the filter; null with the Sun down when the picture is said to be taken */
    public function overheadQ(FilterTest $test): ?float
    {
        return TestShot::overheadQ(Settings::of($test->f_number, $test->iso), $test->exposure_s, $test->histogram, $this->altitudeDeg($test->taken_at, $test->observer()));
    }

    /** Apparent, of the Sun's middle. */
    public function altitudeDeg(DateTimeImmutable $moment, Observer $observer): float
    {
        $ut = JulianDate::fromDateTime($moment);

        return Horizon::apparentAltitudeDeg(SunPath::over($moment->modify('-1 hour'), $moment->modify('+1 hour'), $observer, DeltaT::atJulianDate($ut), $this->ephemeris)->altitudeDeg($ut));
    }
}
