<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Time\DeltaT;

/** How far a computed contact may be from what a good clock shows on the day, and why. All in seconds. */
final readonly class TimeDoubt
{
    /** Mountains and valleys of the Moon's limb move C1–C4 by two to three seconds (common practice, no source). */
    private const LIMB_SECONDS = 3.0;

    /** UTC is kept within 0.9 s of UT1 (ITU-R TF.460). */
    private const CLOCK_SECONDS = 0.9;

    /** How well a place is taken to be known. */
    public const POSITION_M = 100.0;

    private function __construct(
        public float $deltaTSeconds,
        public float $limbSeconds,
        public float $clockSeconds,
        public float $positionSeconds,
    ) {}

    /** Doubt of a contact; that of ΔT and of the place is carried through by solving the contact once more with another. */
    public static function of(SolarEclipse $eclipse, Observer $observer, Contact $contact): self
    {
        $deltaT = $contact->view->deltaT;
        $degrees = self::POSITION_M / 1000 / Globe::RADIUS_KM * 180 / M_PI;
        // Towards the equator, so as not to step over a pole.
        $north = Observer::at($observer->latDeg + ($observer->latDeg > 0 ? -$degrees : $degrees), $observer->lonDeg, $observer->heightM);
        $east = Observer::at(
            $observer->latDeg,
            $observer->lonDeg - $degrees / max(0.01, cos($observer->latRad)) * ($observer->lonDeg > 0 ? 1 : -1),
            $observer->heightM,
        );
        $later = DeltaT::given($deltaT->seconds + $deltaT->doubtSeconds);

        return new self(
            $deltaT->doubtSeconds > 0 ? self::shift($contact, $eclipse->circumstances($observer, $later)) : 0.0,
            $contact->name === ContactName::Maximum ? 0.0 : self::LIMB_SECONDS,
            self::CLOCK_SECONDS,
            hypot(self::shift($contact, $eclipse->circumstances($north, $deltaT)), self::shift($contact, $eclipse->circumstances($east, $deltaT))),
        );
    }

    /** The parts added in quadrature. */
    public function seconds(): float
    {
        return sqrt($this->deltaTSeconds ** 2 + $this->limbSeconds ** 2 + $this->clockSeconds ** 2 + $this->positionSeconds ** 2);
    }

    /** Seconds between a contact and the same one under other circumstances; where it has gone, the limb decides. */
    private static function shift(Contact $contact, LocalCircumstances $other): float
    {
        $moved = $other->contact($contact->name);

        return $moved === null
            ? self::LIMB_SECONDS
            : abs($moved->view->julianDateUt() - $contact->view->julianDateUt()) * 86400;
    }
}
