<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Geometry\Globe;
use KeenShadow\Core\Time\DeltaT;

/** How far a computed contact may be from what a good clock shows on the day, and why. All in seconds. */
final readonly class TimeUncertainty
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
        /** Whether the contact happens however far ΔT and the place are off within their uncertainty. */
        public bool $isSureToHappen,
    ) {}

    public static function of(SolarEclipse $eclipse, Observer $observer, Contact $contact): self
    {
        return self::ofContacts($eclipse, $observer, [$contact])[0];
    }

    /**
     * Uncertainty of contacts of one eclipse at one place. That of ΔT and of the place is carried through by solving the contacts
     * once more with each a little more and a little less; the farther counts.
     *
     * @param non-empty-list<Contact> $contacts
     *
     * @return non-empty-list<self> in the same order
     */
    public static function ofContacts(SolarEclipse $eclipse, Observer $observer, array $contacts): array
    {
        $deltaT = $contacts[0]->view->deltaT;
        $degrees = self::POSITION_M / 1000 / Globe::KM_PER_DEGREE;
        $east = $degrees / max(0.01, cos($observer->latRad));
        $solve = static fn(Observer $o, DeltaT $d): LocalCircumstances => $eclipse->circumstances($o, $d, $contacts[0]->view->hours);
        $clock = $northward = $eastward = [];
        foreach ([-1, 1] as $side) {
            if ($deltaT->uncertaintySeconds > 0) {
                $clock[] = $solve($observer, DeltaT::given($deltaT->seconds + $side * $deltaT->uncertaintySeconds));
            }
            $northward[] = $solve(self::moved($observer, $side * $degrees, 0.0), $deltaT);
            $eastward[] = $solve(self::moved($observer, 0.0, $side * $east), $deltaT);
        }

        return array_map(static fn(Contact $contact): self => new self(
            self::farthest($contact, $clock),
            $contact->name === ContactName::Maximum ? 0.0 : self::LIMB_SECONDS,
            self::CLOCK_SECONDS,
            hypot(self::farthest($contact, $northward), self::farthest($contact, $eastward)),
            array_filter([...$clock, ...$northward, ...$eastward], static fn(LocalCircumstances $c): bool => $c->contact($contact->name) === null) === [],
        ), $contacts);
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

    /**
     * Seconds from a contact to the same one under other circumstances; where it has gone, the limb decides.
     *
     * @param list<LocalCircumstances> $others
     */
    private static function farthest(Contact $contact, array $others): float
    {
        return max([0.0, ...array_map(static function (LocalCircumstances $other) use ($contact): float {
            $moved = $other->contact($contact->name);

            return $moved === null ? self::LIMB_SECONDS : abs($moved->view->julianDateUt() - $contact->view->julianDateUt()) * 86400;
        }, $others)]);
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
