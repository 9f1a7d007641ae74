<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\Event\RoundParty;
use App\Domain\RunSheet\EventRota;
use App\Text\Clock;
use KeenShadow\Core\RunSheet\Rota\Rota;
use KeenShadow\Core\RunSheet\Rotation\Station;
use KeenShadow\Core\RunSheet\Rotation\Turn;

/** One turn in a form. */
final readonly class TurnForm
{
    /**
     * @param string $was the turn that is changed; empty for a new one
     * @param string $title in words
     * @param array<string, string> $groups names by id
     * @param array<string, string> $stations names by id, with how long a turn lasts there
     * @param array{group: string, station: string, start: string, minutes: string} $values
     */
    private function __construct(
        public string $was,
        public string $title,
        public ?int $revision,
        public array $groups,
        public array $stations,
        public array $values,
    ) {}

    public static function of(?Turn $turn, ?int $revision, EventFacts $facts, EventRota $rota): self
    {
        $clock = Clock::over($facts->here);
        $names = $rota->names();
        $stations = $rota->problem()->stations ?? [];
        $start = $turn === null ? '' : $rota->at($turn->startMin)->format('H:i');
        $usual = array_column($stations, 'minutes', 'id')[$turn->station ?? ''] ?? null;
        $minutes = $turn === null ? null : $turn->endMin - $turn->startMin;

        return new self(
            was: $turn === null ? '' : Rota::key($turn->group, $turn->station),
            title: $turn === null ? __('Add a turn') : __(':group at :station, :time', ['group' => $names[$turn->group] ?? __('gone'), 'station' => $names[$turn->station] ?? __('gone'), 'time' => $clock->minuteAndZone($rota->at($turn->startMin))]),
            revision: $revision,
            groups: array_column(array_map(static fn(RoundParty $p): array => ["g{$p->id}", trans_choice('{1} :name, 1 person|[0,*] :name, :count people', $p->people, ['name' => $p->name])], $rota->parties), 1, 0),
            stations: array_column(array_map(static fn(Station $s): array => [$s->id, __(':name, :min min', ['name' => $names[$s->id] ?? $s->id, 'min' => (string) $s->minutes])], $stations), 1, 0),
            values: ['group' => $turn->group ?? '', 'station' => $turn->station ?? '', 'start' => $start, 'minutes' => $minutes === null || $minutes === $usual ? '' : (string) $minutes],
        );
    }
}
