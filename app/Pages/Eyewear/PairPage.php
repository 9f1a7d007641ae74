<?php

declare(strict_types=1);

namespace App\Pages\Eyewear;

use App\Domain\Eyewear\Occasions;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use App\Pages\Event\EventFrame;
use Illuminate\Database\Eloquent\Collection;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\PairCondition;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Rules\Verdict;

/** One pair: whether it is fit for the occasion, and all that was ever entered about it. */
final readonly class PairPage
{
    /**
     * @param Verdict|null $verdict null while nobody has looked it over
     * @param Situation $situation a look through it
     * @param Collection<int, PairCheck> $checks newest first
     */
    private function __construct(
        public Lot $lot,
        public int $tag,
        public Occasion $occasion,
        public ?Verdict $verdict,
        public Situation $situation,
        public Collection $checks,
        private Verdict $papers,
        private int $eventId,
    ) {}

    public static function of(Lot $lot, int $tag, EventFrame $frame, ?Occasion $occasion): self
    {
        $occasion ??= Occasions::next($frame->here);
        $papers = $lot->verdict($frame->event->eclipse_date);
        $deciding = PairCheck::query()->deciding($frame->event->id)->where(['lot_id' => $lot->id, 'tag' => $tag])->first();
        $faults = $deciding === null ? [] : array_values($deciding->faults->all());
        $isForNow = $deciding !== null && $deciding->countsFor($frame->event->id, $occasion);

        return new self(
            lot: $lot,
            tag: $tag,
            occasion: $occasion,
            verdict: $deciding === null ? null : PairCondition::verdict($faults, $papers->level, $isForNow),
            situation: $deciding === null ? PairCondition::notInspected($lot->make(), $papers->level) : PairCondition::situation($faults, $lot->make(), $papers->level, $isForNow),
            checks: $lot->pairChecks()->where('tag', $tag)->with('checker')->orderByDesc('id')->get(),
            papers: $papers,
            eventId: $frame->event->id,
        );
    }

    public function verdictOf(PairCheck $check): Verdict
    {
        return PairCondition::verdict(array_values($check->faults->all()), $this->papers->level, $check->countsFor($this->eventId, $this->occasion));
    }

    public function isSuperseded(PairCheck $check): bool
    {
        return $this->checks->contains('corrects_id', $check->id);
    }
}
