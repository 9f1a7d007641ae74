<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use DateTimeImmutable;
use KeenShadow\Core\Geometry\Angle;

/** One contact, or the maximum, at one place. */
final readonly class Contact
{
    public function __construct(
        public ContactName $name,
        public LocalView $view,
    ) {}

    /** UTC (taken as UT1: within 0.9 s by definition of UTC). */
    public function time(): DateTimeImmutable
    {
        return $this->view->time();
    }

    /**
     * Where on the Sun's limb it happens, degrees from celestial north through east.
     *
     * At C2 and C3 of a total eclipse the last and first light is on the far side from the Moon's centre.
     */
    public function positionAngleDeg(): float
    {
        return Angle::positiveDeg($this->view->moonFromNorthDeg() + ($this->isOpposite() ? 180 : 0));
    }

    /** The same place on the limb, from the zenith, anticlockwise in the sky. */
    public function zenithAngleDeg(): float
    {
        return Angle::positiveDeg($this->view->moonFromZenithDeg() + ($this->isOpposite() ? 180 : 0));
    }

    private function isOpposite(): bool
    {
        return ($this->name === ContactName::C2 || $this->name === ContactName::C3) && $this->view->umbra < 0;
    }
}
