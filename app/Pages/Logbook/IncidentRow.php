<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Models\Logbook\Incident;
use App\Text\Clock;
use App\Text\Numbers;
use App\Text\ObservationWords;
use KeenShadow\Core\Sky\LocalEclipse;

/** What went wrong and when, as the list tells it. */
final readonly class IncidentRow
{
    /** @param string $covered of the Sun's area at that moment */
    private function __construct(
        public Incident $incident,
        public string $time,
        public string $covered,
    ) {}

    public static function of(Incident $incident, LocalEclipse $here): self
    {
        $view = $here->at($incident->happened_at);

        return new self(
            $incident,
            ObservationWords::moment(Clock::over($here), $incident->happened_at, $incident->within_s),
            $view->isSunUp() ? __(':n %', ['n' => Numbers::percent($view->obscuration())]) : __('Sun down'),
        );
    }
}
