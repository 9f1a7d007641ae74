<?php

declare(strict_types=1);

namespace App\Domain\Sky;

use App\Text\Angles;
use App\Text\Clock;
use App\Text\Numbers;
use App\Text\SkyWords;
use KeenShadow\Core\Sky\Contact;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
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
            name: SkyWords::contact($contact->name),
            meaning: SkyWords::meaning($contact->name, $here->circumstances->kind),
            localTime: Clock::over($here)->second($contact->time()),
            utc: Clock::over($here)->utc($contact->time()),
            iso: $time->format('Y-m-d\TH:i:s\Z'),
            altitude: Angles::degrees($view->altitudeDeg()),
            azimuth: Angles::direction($view->azimuthDeg()),
            compass: SkyWords::compass($view->azimuthDeg()),
            magnitude: Numbers::magnitude($view->magnitude()),
            obscuration: Numbers::percent($view->obscuration()),
            isUp: $view->isSunUp(),
            uncertainty: '±' . (int) ceil($uncertainty->seconds()) . ' s',
            clock: $contact->name === ContactName::Maximum ? '' : SkyWords::clock($contact->zenithAngleDeg()),
            fromNorth: Angles::direction($contact->positionAngleDeg(), 0),
            fromZenith: Angles::direction($contact->zenithAngleDeg(), 0),
        );
    }
}
