<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\StockEntry;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\Stock;
use KeenShadow\Core\Eyewear\StockMove;
use KeenShadow\Core\Rules\Level;

/** Where the pairs of every lot are at an event: what was found, and what was handed out and came back. */
final readonly class EventStock
{
    /**
     * @param list<LotState> $lots
     * @param array<int, Stock> $stocks by lot
     */
    private function __construct(
        public array $lots,
        public array $stocks,
    ) {}

    public static function of(Event $event, Occasion $occasion): self
    {
        $lots = LotState::allFor($event, $occasion);
        $moved = self::moved($event);
        $stocks = [];
        foreach ($lots as $state) {
            $of = static fn(StockMove $what): int => $moved["{$state->lot->id} {$what->value}"] ?? 0;
            $stocks[$state->lot->id] = new Stock(
                fit: $state->count(Level::Yes),
                withdrawn: $state->count(Level::No),
                out: $of(StockMove::Out),
                back: $of(StockMove::Back),
                lost: $of(StockMove::Lost),
                destroyed: $of(StockMove::Destroyed),
            );
        }

        return new self($lots, $stocks);
    }

    /** Pairs of glasses that are fit and not lost. */
    public function pairsToCountOn(): int
    {
        return array_sum(array_map(fn(LotState $state): int => $state->lot->kind->isEclipseGlasses() ? $this->stocks[$state->lot->id]->toCountOn() : 0, $this->lots));
    }

    /**
     * Handed out, back and lost count at their event: what was lost before lies on no tray of this one. What was destroyed is so for good.
     *
     * @return array<string, int> by lot and what happened
     */
    private static function moved(Event $event): array
    {
        $rows = StockEntry::query()->standing()->toBase()
            ->whereIn('lot_id', Lot::query()->select('id')->where('organisation_id', $event->organisation_id))
            ->whereRaw('(event_id = ? or what = ?)', [$event->id, StockMove::Destroyed->value])
            ->selectRaw("lot_id, what, case when what = 'destroyed' then count(distinct tag) else sum(pairs) end as pairs")
            ->groupBy('lot_id', 'what')->get();
        $moved = [];
        foreach ($rows as $row) {
            /** @var \stdClass&object{lot_id: int, what: string, pairs: int|string} $row */
            $moved["{$row->lot_id} {$row->what}"] = (int) $row->pairs;
        }

        return $moved;
    }
}
