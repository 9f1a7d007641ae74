<?php

declare(strict_types=1);

namespace App\Domain\Logbook;

use App\Domain\Event\LoggedKind;
use App\Domain\Event\WhatIsLogged;
use App\Text\ObservationWords;
use App\Text\Refusals;
use KeenShadow\Core\Logbook\LogbookException;
use KeenShadow\Core\Logbook\Observation;
use KeenShadow\Core\Logbook\ObservationKind;

/** What is observed in an eclipse. */
final class ObservedKinds implements WhatIsLogged
{
    public function kinds(): array
    {
        return array_map(static fn(ObservationKind $kind): LoggedKind => new LoggedKind($kind->value, ObservationWords::kind($kind), ObservationWords::unit($kind), $kind->isMeasured()), ObservationKind::cases());
    }

    public function refusal(string $kind, ?float $value, string $words): string
    {
        $known = ObservationKind::tryFrom($kind);
        if ($known === null) {
            return __('Nobody knows here what this is.');
        }
        try {
            Observation::of($known, $value, $words);

            return '';
        } catch (LogbookException $e) {
            return Refusals::words($e);
        }
    }
}
