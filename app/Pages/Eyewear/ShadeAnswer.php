<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Drawings\Eyewear\ShadeScale;
use App\Text\Numbers;
use App\Text\RuleWords;
use KeenShadow\Core\Eyewear\Measure\Shade;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;
use KeenShadow\Core\Rules\Book\Standard;

/** How dark something is, said in every way. */
final readonly class ShadeAnswer
{
    private function __construct(
        public string $headline,
        public string $inTheStandard,
        public string $welding,
        public ShadeScale $scale,
    ) {}

    public static function of(Shade $shade): self
    {
        return new self(
            __(':percent % of the light = 1 in :times = optical density :density = shade :shade', [
                'percent' => Numbers::about($shade->percent(), 3), 'times' => Numbers::about(1 / $shade->transmittance, 3),
                'density' => Numbers::decimal($shade->density(), 3), 'shade' => Numbers::decimal($shade->number(), 2),
            ]),
            $shade->outcome() === Outcome::Met
                ? __('Within the luminous band of ISO 12312-2, 0.000032 to 0.0032 %. That says nothing of ultraviolet and infrared, of scratches or of papers.')
                : __('Outside the luminous band of ISO 12312-2, 0.000032 to 0.0032 %: not for looking at the Sun.'),
            RuleWords::sentence(Standard::book()->rule('welding-shade')->statement),
            ShadeScale::of([$shade->transmittance, $shade->transmittance, $shade->transmittance]),
        );
    }
}
