<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Event\PairsOfLots;
use App\Domain\Event\RecordLine;
use App\Domain\Event\TriedViewers;
use App\Models\Event;
use App\Models\Logbook\Incident;
use App\Text\Days;
use App\Text\ObservationWords;
use KeenShadow\Core\Sky\LocalEclipse;

/** What went wrong, and all that is on record of what somebody looked through. */
final readonly class IncidentPage
{
    /**
     * @param list<array{when: string, words: string, who: string}> $record of the pair
     * @param string $papers of its lot; empty where no lot is named
     * @param array<string, string> $pairs of its lot: tags by what was found of them
     * @param list<array{when: string, words: string, who: string}> $tries of the viewer
     */
    private function __construct(
        public IncidentRow $row,
        public string $method,
        public array $record,
        public string $papers,
        public array $pairs,
        public array $tries,
    ) {}

    public static function of(Event $event, Incident $incident, LocalEclipse $here, PairsOfLots $lots, TriedViewers $viewers): self
    {
        $record = $incident->lot === null || $incident->tag === null ? [] : $lots->record($incident->lot, $incident->tag);

        return new self(
            row: IncidentRow::of($incident, $here),
            method: ObservationWords::howLooked($incident->method),
            record: array_map(static fn(RecordLine $line): array => ['when' => Days::full($here->local($line->at)) . ' ' . $here->local($line->at)->format('H:i'), 'words' => $line->words, 'who' => $line->who], $record),
            papers: $incident->lot === null ? '' : $lots->papers($event, $incident->lot),
            pairs: $incident->lot === null ? [] : $lots->pairs($event, $incident->lot),
            tries: $incident->viewer === null ? [] : array_map(static fn(RecordLine $line): array => ['when' => Days::full($line->at), 'words' => $line->words, 'who' => $line->who], $viewers->record($incident->viewer)),
        );
    }
}
