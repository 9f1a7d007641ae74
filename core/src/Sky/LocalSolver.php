<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Time\DeltaT;

/** Finds the contacts of one eclipse at one place from the Besselian elements (Explanatory Supplement; Meeus 1989). */
final readonly class LocalSolver
{
    /** 0.04 ms. */
    private const TOLERANCE_HOURS = 1e-8;
    private const MOST_STEPS = 25;

    public function __construct(private BesselianElements $elements) {}

    public function circumstances(Observer $observer, DeltaT $deltaT, float $aboutHours = 0.0): LocalCircumstances
    {
        $maximum = $this->maximum($observer, $deltaT, $aboutHours);
        $distance = hypot($maximum->u, $maximum->v);
        if ($distance >= $maximum->penumbra) {
            return new LocalCircumstances(LocalKind::None, $maximum, []);
        }
        $kind = match (true) {
            $distance >= abs($maximum->umbra) => LocalKind::Partial,
            $maximum->umbra < 0 => LocalKind::Total,
            default => LocalKind::Annular,
        };
        $found = [ContactName::C1->value => $this->contact(ContactName::C1, $maximum, -1, $observer)];
        if ($kind->isCentral()) {
            $found[ContactName::C2->value] = $this->contact(ContactName::C2, $maximum, -1, $observer);
        }
        $found[ContactName::Maximum->value] = new Contact(ContactName::Maximum, $maximum);
        if ($kind->isCentral()) {
            $found[ContactName::C3->value] = $this->contact(ContactName::C3, $maximum, 1, $observer);
        }
        $found[ContactName::C4->value] = $this->contact(ContactName::C4, $maximum, 1, $observer);

        return new LocalCircumstances($kind, $maximum, $found);
    }

    /** The view at a Julian date in UT. */
    public function viewAtUt(Observer $observer, DeltaT $deltaT, float $julianDateUt): LocalView
    {
        $hours = ($julianDateUt - $this->elements->t0JulianDateTt) * 24 + $deltaT->seconds / 3600;

        return LocalView::at($this->elements, $observer, $deltaT, $hours);
    }

    /**
     * The maximum, or the moment of nearest approach where there is no eclipse: least (u, v), the zero of u·u′ + v·v′, by
     * secants from a first step that takes the motion as straight.
     *
     * @param float $aboutHours since t₀, where to begin
     *
     * @throws SkyException when they do not come to an end
     */
    public function maximum(Observer $observer, DeltaT $deltaT, float $aboutHours = 0.0): LocalView
    {
        $view = LocalView::at($this->elements, $observer, $deltaT, $aboutHours);
        $closing = $view->u * $view->uRate + $view->v * $view->vRate;
        $slope = $view->uRate ** 2 + $view->vRate ** 2;
        for ($i = 0; $i < self::MOST_STEPS; ++$i) {
            $step = -$closing / $slope;
            if (abs($step) < self::TOLERANCE_HOURS) {
                return $view;
            }
            $view = LocalView::at($this->elements, $observer, $deltaT, $view->hours + $step);
            $before = $closing;
            $closing = $view->u * $view->uRate + $view->v * $view->vRate;
            // A slope that is not positive would lead to a greatest distance; keep the straight-line one then.
            $secant = ($closing - $before) / $step;
            $slope = $secant > 0 ? $secant : $view->uRate ** 2 + $view->vRate ** 2;
        }

        throw SkyException::notFound(ContactName::Maximum->value);
    }

    /**
     * The zero of u² + v² − L² before (side −1) or after (+1) the maximum, by Newton's method. The function is convex
     * there, so that once outside the shadow the steps close in from one side.
     *
     * @throws SkyException when they do not come to an end
     */
    private function contact(ContactName $name, LocalView $maximum, int $side, Observer $observer): Contact
    {
        $outer = $name === ContactName::C1 || $name === ContactName::C4;
        $radius = $outer ? $maximum->penumbra : $maximum->umbra;
        $chord = sqrt($radius ** 2 - $maximum->u ** 2 - $maximum->v ** 2);
        $hours = $maximum->hours + $side * $chord / hypot($maximum->uRate, $maximum->vRate);
        for ($i = 0; $i < self::MOST_STEPS; ++$i) {
            $view = LocalView::at($this->elements, $observer, $maximum->deltaT, $hours);
            [$l, $lRate] = $outer ? [$view->penumbra, $view->penumbraRate] : [$view->umbra, $view->umbraRate];
            $slope = 2 * ($view->u * $view->uRate + $view->v * $view->vRate - $l * $lRate);
            $step = -($view->u ** 2 + $view->v ** 2 - $l ** 2) / $slope;
            if (abs($step) < self::TOLERANCE_HOURS) {
                return new Contact($name, $view);
            }
            $hours += $step;
        }

        throw SkyException::notFound($name->value);
    }
}
