<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Drawings\Eyewear\ShadeScale;
use App\Text\Numbers;
use KeenShadow\Core\Eyewear\Measure\LightMeter;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;

/** What a light meter shows of a filter, and what it cannot. */
final readonly class MeterAnswer
{
    private function __construct(
        public string $headline,
        public string $result,
        public string $means,
        public ShadeScale $scale,
    ) {}

    public static function of(LightMeter $meter): self
    {
        $percent = static fn(float $t): string => Numbers::about(100 * $t, 3) . ' %';

        return new self(
            match ($meter->outcome()) {
                Outcome::Met => __('Within the limits, the uncertainty added'),
                Outcome::NotMet => __('Outside the limits, the uncertainty taken off: not for the Sun'),
                Outcome::Undecided, Outcome::NotTested => __('Undecided: the meter\'s uncertainty reaches across a limit'),
            },
            __('τ = (behind − dark) / (open − dark) = :value; with the meter\'s uncertainty from :least to :most.', ['value' => $percent($meter->transmittance), 'least' => $percent($meter->leastTransmittance), 'most' => $percent($meter->mostTransmittance)]),
            match ($meter->outcome()) {
                Outcome::Met => __('It is as dark as it must be to the eye. Of ultraviolet and infrared a light meter sees nothing: that takes a laboratory.'),
                Outcome::NotMet => __('Set the lot aside. A fake shows in this way even with a cheap meter.'),
                Outcome::Undecided, Outcome::NotTested => __('This meter can show a fake; it cannot show a good filter good. A good one leaves 0.03 to 3 lx of 100 000.'),
            },
            ShadeScale::of([$meter->transmittance, $meter->leastTransmittance, $meter->mostTransmittance]),
        );
    }
}
