<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;

/** What a lot is of, and what it is made for as far as it is marked. What is not asked of its kind is null. */
final readonly class Make
{
    /** Of welding glass; the rule book's (welding-shade). */
    private const LEAST_SHADE = 14.0;

    /** @param float|null $shade number that is stamped on welding glass; null where there is none */
    public function __construct(
        public Kind $kind,
        public ?MadeFor $madeFor = null,
        public ?float $shade = null,
        public ?Darkening $darkening = null,
    ) {}

    /** @return list<Finding> what speaks against it */
    public function findings(): array
    {
        return array_values(array_filter([$this->shadeFinding(), $this->darkeningFinding(), $this->madeForFinding()]));
    }

    /** @return array<string, mixed> a look through it as it is meant to be used, as far as the papers tell: parts of a situation of the rule book */
    public function inTheBook(): array
    {
        $eye = ['look' => 'direct', 'at' => 'eye', 'instrument' => 'none'];
        $front = ['look' => 'through_optics', 'at' => 'front', 'filter' => match ($this->madeFor) {
            MadeFor::Looking => 'visual_front',
            MadeFor::Photographs => 'photo_front',
            MadeFor::Unsure, null => null,
        }];

        return match ($this->kind) {
            Kind::CardGlasses, Kind::PlasticGlasses, Kind::CloseFitting => $eye + ['filter' => 'eclipse_glasses'],
            Kind::FaceShield => $eye + ['filter' => 'face_shield'],
            Kind::HandheldViewer => $eye + ['filter' => 'handheld_viewer'],
            Kind::WeldingPlate, Kind::WeldingHelmet => $eye + ['filter' => 'welding', 'shade' => $this->shade, 'welding_kind' => $this->weldingKind()],
            Kind::FilterFilm, Kind::FrontFilter => $front,
            Kind::SolarBinoculars => ['filter' => 'visual_front', 'instrument' => 'binocular', 'unused_side' => 'filtered', 'fixing' => 'screwed', 'finder' => 'none'] + $front,
        };
    }

    private function weldingKind(): ?string
    {
        return match ($this->darkening) {
            Darkening::Fixed => $this->kind === Kind::WeldingHelmet ? 'helmet_fixed' : 'fixed_plate',
            Darkening::Automatic => 'auto_darkening',
            Darkening::Unsure, null => null,
        };
    }

    private function shadeFinding(): ?Finding
    {
        $do = 'Give it back to the workshop.';

        return match (true) {
            !$this->kind->isWelding() => null,
            $this->shade === null => new Finding(Level::No, 'No shade is stamped on it, so nobody knows how dark it is.', $do, Source::En169, rule: 'welding-shade'),
            $this->shade < self::LEAST_SHADE => new Finding(Level::No, 'Its shade is :shade; for the Sun it is 14 or darker.', $do, Source::En169, rule: 'welding-shade', values: ['shade' => $this->shade]),
            default => null,
        };
    }

    private function darkeningFinding(): ?Finding
    {
        return match ($this->darkening) {
            Darkening::Fixed, null => null,
            Darkening::Automatic => new Finding(Level::No, 'It darkens by itself: it waits for an arc, and is light until then and after.', 'Give it back to the workshop.', Source::CommonPractice, rule: 'welding-fixed'),
            Darkening::Unsure => new Finding(Level::Hold, 'It is not clear whether it darkens by itself.', 'Look through it at a lamp: a fixed plate shows only a very bright one. If it has a sensor, it is not for the Sun.', Source::CommonPractice, rule: 'welding-fixed'),
        };
    }

    private function madeForFinding(): ?Finding
    {
        return match ($this->madeFor) {
            MadeFor::Looking, null => null,
            MadeFor::Photographs => new Finding(Level::No, 'It is made for photographs: it lets about sixteen times as much through as one for looking.', 'Mark it “not for eyes” and keep it with the cameras.', Source::CommonPractice, rule: 'photographic-front-filters'),
            MadeFor::Unsure => new Finding(Level::Hold, 'It is not clear whether it is made for looking or for photographs.', 'Look for “visual” or OD 5 on it or in its papers; until then it is for no eye.', Source::CommonPractice, rule: 'photographic-front-filters'),
        };
    }
}
