<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Domain\Event\LookingGroup;
use App\Domain\Event\LookingGroups;
use App\Domain\Eyewear\EventStock;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\StockEntry;
use Illuminate\Database\Eloquent\Collection;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\Stock;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Verdict;

/** The stock for one event: what is needed against what is fit and here, who gets which, what is out, and what was destroyed. */
final readonly class StockPage
{
    /**
     * @param list<array{lot: Lot, verdict: Verdict, held: int, left: int, stock: Stock}> $rows
     * @param int $needed pairs that the audience needs
     * @param int $short of those that can be counted on
     * @param list<LookingGroup> $groups
     * @param list<array{group: LookingGroup, fits: list<array{lot: Lot, verdict: Verdict}>}> $suits glasses that may be handed out, by group
     * @param Collection<int, StockEntry> $moves that count, newest first
     */
    private function __construct(
        public Occasion $occasion,
        public array $rows,
        public int $needed,
        public int $available,
        public int $short,
        public array $groups,
        public array $suits,
        public Collection $moves,
    ) {}

    public static function of(Event $event, Occasion $occasion, LookingGroups $looking): self
    {
        $stock = EventStock::of($event, $occasion);
        $groups = $looking->of($event);
        $available = $stock->pairsToCountOn();
        $pairs = $looking->pairs($event, $available);
        $rows = [];
        foreach ($stock->lots as $state) {
            $rows[] = ['lot' => $state->lot, 'verdict' => $state->verdict, 'held' => $state->count(Level::Hold), 'left' => $state->unchecked(), 'stock' => $stock->stocks[$state->lot->id]];
        }
        $worn = array_values(array_filter($rows, static fn(array $row): bool => $row['lot']->kind->isEclipseGlasses() && $row['verdict']->level === Level::Yes));

        return new self(
            occasion: $occasion,
            rows: $rows,
            needed: $pairs['needed'],
            available: $available,
            short: $pairs['missing'],
            groups: $groups,
            suits: array_map(static fn(LookingGroup $group): array => ['group' => $group, 'fits' => array_map(static fn(array $row): array => ['lot' => $row['lot'], 'verdict' => $row['lot']->wear()->suits($group->hasChildren, $group->hasGrown, $group->spectacles)], $worn)], array_values(array_filter($groups, static fn(LookingGroup $group): bool => $group->mayLook))),
            moves: StockEntry::query()->standing()->where('event_id', $event->id)->with(['lot', 'mover', 'group'])->orderByDesc('id')->get(),
        );
    }

    /** @return list<Lot> of which some are fit and here, or out */
    public function movable(): array
    {
        return array_column(array_values(array_filter($this->rows, static fn(array $row): bool => $row['stock']->toHandOut() + $row['stock']->outNow() > 0)), 'lot');
    }

    /** @return Collection<int, StockEntry> of pairs that were destroyed, or of the others */
    public function movesOf(bool $isDestroyed): Collection
    {
        return $this->moves->filter(static fn(StockEntry $entry): bool => ($entry->tag !== null) === $isDestroyed);
    }
}
