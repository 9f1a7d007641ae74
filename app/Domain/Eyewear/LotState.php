<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Verdict;

/** A lot with its verdict for one event and how far its inspection has come. */
final readonly class LotState
{
    /** @param array<string, int> $counts pairs by the level of their latest standing check */
    private function __construct(
        public Lot $lot,
        public Verdict $verdict,
        private array $counts,
    ) {}

    /** @return list<self> */
    public static function allFor(Event $event): array
    {
        $lots = Lot::query()->where('organisation_id', $event->organisation_id)->orderBy('label')->get();
        $counts = self::counts(array_values($lots->modelKeys()));

        return array_values($lots->map(fn(Lot $lot): self => new self($lot, $lot->paperwork()->verdict($event->eclipse_date), $counts[$lot->id] ?? []))->all());
    }

    public static function for(Lot $lot, Event $event): self
    {
        return new self($lot, $lot->paperwork()->verdict($event->eclipse_date), self::counts([$lot->id])[$lot->id] ?? []);
    }

    public function count(Level $level): int
    {
        return $this->counts[$level->value] ?? 0;
    }

    public function unchecked(): int
    {
        return $this->lot->pairs - array_sum($this->counts);
    }

    /**
     * @param list<mixed> $lotIds
     *
     * @return array<int, array<string, int>>
     */
    private static function counts(array $lotIds): array
    {
        $latest = PairCheck::query()->standing()->whereIn('lot_id', $lotIds)
            ->selectRaw('distinct on (lot_id, tag) lot_id, tag, level')
            ->orderBy('lot_id')->orderBy('tag')->orderByDesc('id');
        $rows = PairCheck::query()->toBase()->fromSub($latest, 'latest')
            ->selectRaw('lot_id, level, count(*) as pairs')->groupBy('lot_id', 'level')->get();
        $counts = [];
        foreach ($rows as $row) {
            /** @var \stdClass&object{lot_id: int, level: string, pairs: int} $row */
            $counts[$row->lot_id][$row->level] = $row->pairs;
        }

        return $counts;
    }
}
