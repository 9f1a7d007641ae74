<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Domain\Eyewear\LotState;
use App\Domain\Eyewear\Occasions;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use App\Pages\Event\EventFrame;
use Illuminate\Database\Eloquent\Collection;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\PairCondition;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Rules\Verdict;

/** One lot: its verdict, the form for the next pair, and the latest checks. */
final readonly class LotPage
{
    private const LATEST = 12;

    /**
     * @param Collection<int, PairCheck> $latest newest first
     * @param string $left how many are still to be looked over, and by when
     */
    private function __construct(
        public LotState $row,
        public int $nextTag,
        public Collection $latest,
        public Occasion $occasion,
        public string $left,
        private int $eventId,
    ) {}

    public static function of(Lot $lot, EventFrame $frame, ?Occasion $occasion): self
    {
        $occasion ??= Occasions::next($frame->here);
        $row = LotState::for($lot, $frame->event, $occasion);
        $latest = $lot->pairChecks()->with('checker')->orderByDesc('id')->limit(self::LATEST)->get();

        return new self(
            $row,
            LotState::nextTag($lot, $frame->event, $occasion),
            $latest,
            $occasion,
            self::left($row, $frame, $occasion),
            $frame->event->id,
        );
    }

    /** A look through a pair of it that is not inspected yet, for the rule book to be asked about. */
    public function situation(): Situation
    {
        return PairCondition::notInspected($this->row->lot->make(), $this->row->verdict->level);
    }

    /** Of a pair, by what was found, the papers as they are now, and the occasion. */
    public function verdict(PairCheck $check): Verdict
    {
        return PairCondition::verdict(array_values($check->faults->all()), $this->row->verdict->level, $check->countsFor($this->eventId, $this->occasion));
    }

    private static function left(LotState $row, EventFrame $frame, Occasion $occasion): string
    {
        $left = $row->unchecked();
        $again = $row->again === 0 ? '' : ' ' . trans_choice('{1} 1 of them was looked over before and is looked over again.|[2,*] :count of them were looked over before and are looked over again.', $row->again);

        return match (true) {
            $left === 0 => __('All of its pairs are looked over.'),
            $occasion === Occasion::Day => trans_choice('{1} 1 pair is still to be looked over, by the first contact at :time.|[2,*] :count pairs are still to be looked over, by the first contact at :time.', $left, ['time' => $frame->clock->minute($frame->here->begins())]) . $again,
            default => trans_choice('{1} 1 pair is still to be looked over.|[2,*] :count pairs are still to be looked over.', $left) . $again,
        };
    }

    /** Whether a check of this page's list has been taken back or corrected since. */
    public function isSuperseded(PairCheck $check): bool
    {
        return $this->latest->contains('corrects_id', $check->id);
    }
}
