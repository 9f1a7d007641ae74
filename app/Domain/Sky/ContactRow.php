<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use App\Text\Angles;
use App\Text\Clock;
use App\Text\Numbers;
use KeenShadow\Core\Sky\ClockFace;
use KeenShadow\Core\Sky\Compass;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\TimeUncertainty;

/** One line of the table of contacts, ready to be read. */
final readonly class ContactRow
{
    private function __construct(
        public string $name,
        public string $meaning,
        public string $localTime,
        public string $utc,
        public string $iso,
        public string $altitude,
        public string $azimuth,
        public string $compass,
        public string $magnitude,
        public string $obscuration,
        public bool $isUp,
        public string $uncertainty,
        public string $clock,
        public string $fromNorth,
        public string $fromZenith,
    ) {}

    /** @param TimeUncertainty|null $uncertainty of this contact, where it is known already */
    public static function of(Contact $contact, LocalEclipse $here, ?TimeUncertainty $uncertainty = null): self
    {
        $time = Clock::nearestSecond($contact->time());
        $view = $contact->view;
        $uncertainty ??= TimeUncertainty::of($here->eclipse, $here->observer, $contact);

        return new self(
            name: $contact->name === ContactName::Maximum ? __('Max') : $contact->name->value,
            meaning: self::meaning($contact->name, $here->circumstances->kind),
            localTime: Clock::over($here)->second($contact->time()),
            utc: Clock::over($here)->utc($contact->time()),
            iso: $time->format('Y-m-d\TH:i:s\Z'),
            altitude: Angles::degrees($view->altitudeDeg()),
            azimuth: Angles::direction($view->azimuthDeg()),
            compass: __(Compass::nearest($view->azimuthDeg())->value),
            magnitude: Numbers::magnitude($view->magnitude()),
            obscuration: Numbers::percent($view->obscuration()),
            isUp: $view->isSunUp(),
            uncertainty: '±' . (int) ceil($uncertainty->seconds()) . ' s',
            clock: self::clock($contact),
            fromNorth: Angles::direction($contact->positionAngleDeg(), 0),
            fromZenith: Angles::direction($contact->zenithAngleDeg(), 0),
        );
    }

    /** "half past four", or nothing at the maximum, which has no place on the edge. */
    private static function clock(Contact $contact): string
    {
        if ($contact->name === ContactName::Maximum) {
            return '';
        }
        $face = ClockFace::at($contact->zenithAngleDeg());
        $hour = __(['twelve', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven'][$face->hour % 12]);

        return __($face->isHalfPast ? 'half past :hour' : ':hour o\'clock', ['hour' => $hour]);
    }

    private static function meaning(ContactName $name, LocalKind $kind): string
    {
        return match ($name) {
            ContactName::C1 => __('first bite'),
            ContactName::C2 => $kind === LocalKind::Total ? __('totality begins') : __('ring closes'),
            ContactName::Maximum => __('maximum'),
            ContactName::C3 => $kind === LocalKind::Total ? __('totality ends') : __('ring opens'),
            ContactName::C4 => __('last bite gone'),
        };
    }
}
