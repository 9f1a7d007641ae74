<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\SunPosition;

/** Whether one contact is seen from a spot. */
final readonly class ContactVisibility
{
    /**
     * @param string|null $by what bounds the sky there; null is the far horizon
     * @param float $marginDeg from the Sun's limb along the sky to the nearest thing, negative when something is before the disc
     * @param bool $isUncertain whether it is clear only if the plan was measured well enough
     */
    private function __construct(
        public ContactName $name,
        public SunPosition $sun,
        public DiscVisibility $visibility,
        public ?string $by,
        public float $marginDeg,
        public bool $isUncertain,
    ) {}

    public static function of(ContactName $name, SunPosition $sun, Skyline $skyline, ClearSky $worst): self
    {
        $clearance = $skyline->clearance($sun);
        $visibility = $clearance->visibility($sun->semidiameterDeg);
        $uncertainty = $worst->obstructionAt($sun->julianDateUt);

        return new self(
            $name,
            $sun,
            $visibility,
            $visibility === DiscVisibility::Clear && $uncertainty !== null ? $uncertainty->by[0] : $clearance->by,
            $clearance->deg - $sun->semidiameterDeg,
            $visibility === DiscVisibility::Clear && $uncertainty !== null,
        );
    }
}
