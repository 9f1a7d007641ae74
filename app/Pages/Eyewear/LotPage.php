<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Domain\Eyewear\LotState;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use Illuminate\Database\Eloquent\Collection;
use KeenShadow\Core\Eyewear\PairCondition;
use KeenShadow\Core\Rules\Situation;

/** One lot: its verdict, the form for the next pair, and the latest checks. */
final readonly class LotPage
{
    private const LATEST = 12;

    /** @param Collection<int, PairCheck> $latest newest first */
    private function __construct(
        public LotState $row,
        public int $nextTag,
        public Collection $latest,
    ) {}

    public static function of(Lot $lot, Event $event): self
    {
        $latest = $lot->pairChecks()->with('checker')->orderByDesc('id')->limit(self::LATEST)->get();

        return new self(
            LotState::for($lot, $event),
            min($lot->pairs, 1 + $lot->highestTag()),
            $latest,
        );
    }

    /** A look through a pair of it that is not inspected yet, for the rule book to be asked about. */
    public function situation(): Situation
    {
        return PairCondition::notInspected($this->row->verdict->level);
    }

    /** Id of the rule that decides about a pair, by what was found. */
    public function rule(PairCheck $check): string
    {
        return PairCondition::verdict(array_values($check->faults->all()), $this->row->verdict->level)->rule();
    }

    /** Whether a check of this page's list has been taken back or corrected since. */
    public function isSuperseded(PairCheck $check): bool
    {
        return $this->latest->contains('corrects_id', $check->id);
    }
}
