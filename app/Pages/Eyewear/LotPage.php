<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Domain\Eyewear\LotState;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use Illuminate\Database\Eloquent\Collection;

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

    /** Whether a check of this page's list has been taken back or corrected since. */
    public function isSuperseded(PairCheck $check): bool
    {
        return $this->latest->contains('corrects_id', $check->id);
    }
}
