<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;
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
        /** Whether the contact happens however far ΔT and the place are off within their doubt. */
        public bool $isSureToHappen,
    ) {}

    /**
     * Doubt of a contact; that of ΔT and of the place is carried through by solving the contact once more with each a
     * little more and a little less, and the farther counts.
     */
    public static function of(SolarEclipse $eclipse, Observer $observer, Contact $contact): self
    {
        $deltaT = $contact->view->deltaT;
        $shift = static fn(Observer $o, DeltaT $d): ?float => self::shift($contact, $eclipse->circumstances($o, $d));
        $clock = $deltaT->doubtSeconds > 0
            ? array_map(static fn(int $side): ?float => $shift($observer, DeltaT::given($deltaT->seconds + $side * $deltaT->doubtSeconds)), [-1, 1])
            : [0.0];
        $degrees = self::POSITION_M / 1000 / Globe::RADIUS_KM * 180 / M_PI;
        $east = $degrees / max(0.01, cos($observer->latRad));
        $northward = array_map(static fn(int $side): ?float => $shift(self::moved($observer, $side * $degrees, 0.0), $deltaT), [-1, 1]);
        $eastward = array_map(static fn(int $side): ?float => $shift(self::moved($observer, 0.0, $side * $east), $deltaT), [-1, 1]);

        return new self(
            self::farther($clock),
            $contact->name === ContactName::Maximum ? 0.0 : self::LIMB_SECONDS,
            self::CLOCK_SECONDS,
            hypot(self::farther($northward), self::farther($eastward)),
            !in_array(null, [...$clock, ...$northward, ...$eastward], true),
        );
    }

    /** The parts added in quadrature. */
    public function seconds(): float
    {
        return sqrt($this->deltaTSeconds ** 2 + $this->limbSeconds ** 2 + $this->clockSeconds ** 2 + $this->positionSeconds ** 2);
    }

    /** The parts added up: no more than this, for what must not go wrong. */
    public function worstSeconds(): float
    {
        return $this->deltaTSeconds + $this->limbSeconds + $this->clockSeconds + $this->positionSeconds;
    }

    /** Seconds between a contact and the same one under other circumstances; null where it has gone. */
    private static function shift(Contact $contact, LocalCircumstances $other): ?float
    {
        $moved = $other->contact($contact->name);

        return $moved === null ? null : abs($moved->view->julianDateUt() - $contact->view->julianDateUt()) * 86400;
    }

    /** @param non-empty-list<float|null> $shifts seconds; where a contact has gone, the limb decides */
    private static function farther(array $shifts): float
    {
        return max(array_map(static fn(?float $s): float => $s ?? self::LIMB_SECONDS, $shifts));
    }

    /** The place a little away; not over a pole. */
    private static function moved(Observer $observer, float $northDeg, float $eastDeg): Observer
    {
        return Observer::at(
            max(-90.0, min(90.0, $observer->latDeg + $northDeg)),
            rad2deg(Angle::signedRad(deg2rad($observer->lonDeg + $eastDeg))),
            $observer->heightM,
        );
    }
}
