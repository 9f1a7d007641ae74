<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Time\DeltaT;

/** How far a computed contact may be from what a good clock shows on the day, and why. All in seconds. */
final readonly class TimeDoubt
{
    /** Mountains and valleys of the Moon's limb move C1–C4 by two to three seconds (common practice, no source). */
    private const LIMB_SECONDS = 3.0;

    /** UTC is kept within 0.9 s of UT1 (ITU-R TF.460). */
    private const CLOCK_SECONDS = 0.9;

    private function __construct(
        public float $deltaTSeconds,
        public float $limbSeconds,
        public float $clockSeconds,
    ) {}

    /** Doubt of a contact: the standard error of ΔT is carried through by solving the contact once more. */
    public static function of(SolarEclipse $eclipse, Observer $observer, Contact $contact): self
    {
        $deltaT = $contact->view->deltaT;
        $limb = $contact->name === ContactName::Maximum ? 0.0 : self::LIMB_SECONDS;
        if ($deltaT->doubtSeconds <= 0.0) {
            return new self(0.0, $limb, self::CLOCK_SECONDS);
        }
        $other = $eclipse->circumstances($observer, DeltaT::given($deltaT->seconds + $deltaT->doubtSeconds))->contact($contact->name);
        $shift = $other === null
            ? $deltaT->doubtSeconds
            : abs($other->view->julianDateUt() - $contact->view->julianDateUt()) * 86400;

        return new self($shift, $limb, self::CLOCK_SECONDS);
    }

    /** The parts added in quadrature. */
    public function seconds(): float
    {
        return sqrt($this->deltaTSeconds ** 2 + $this->limbSeconds ** 2 + $this->clockSeconds ** 2);
    }
}
