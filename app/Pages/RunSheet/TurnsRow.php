<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Domain\Event\RoundParty;
use App\Domain\RunSheet\EventRota;
use App\Text\Clock;
use KeenShadow\Core\RunSheet\Rota\GroupWish;
use KeenShadow\Core\RunSheet\Rotation\Turn;

/** A group with its turns, and what is wished for it. */
final readonly class TurnsRow
{
    /**
     * @param list<array{id: string, time: string, station: string, isBest: bool}> $turns in order of time
     * @param string $wanted how many turns it should have, in words
     * @param string $wish what was typed; empty for what is usual
     * @param list<string>|null $comes bells in which it can come; null is all that are no break
     */
    private function __construct(
        public int $id,
        public string $name,
        public int $people,
        public array $turns,
        public string $wanted,
        public string $wish,
        public ?array $comes,
    ) {}

    public static function of(RoundParty $party, EventRota $rota, Clock $clock): self
    {
        $id = "g{$party->id}";
        $wish = $rota->rota()->wishes->groups[$id] ?? new GroupWish();
        $asked = array_column($rota->problem()->groups ?? [], 'turns', 'id')[$id] ?? 0;
        $turns = array_filter($rota->rota()->turns, static fn(Turn $t): bool => $t->group === $id);
        uasort($turns, static fn(Turn $a, Turn $b): int => $a->startMin <=> $b->startMin);
        $names = $rota->names();
        $rows = [];
        foreach ($turns as $key => $turn) {
            $rows[] = [
                'id' => $key,
                'time' => $clock->span($rota->at($turn->startMin), $rota->at($turn->endMin)),
                'station' => $names[$turn->station] ?? __('gone'),
                'isBest' => $rota->isBest($turn),
            ];
        }

        return new self(
            id: $party->id,
            name: $party->name,
            people: $party->people,
            turns: $rows,
            wanted: match (true) {
                $party->methods === [] => __('no method chosen yet'),
                $asked === 0 => __('comes as it likes'),
                default => trans_choice('{1} 1 turn|[2,*] :count turns', $asked),
            },
            wish: (string) $wish->turns,
            comes: $wish->bells,
        );
    }
}
