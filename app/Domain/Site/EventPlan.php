<?php

declare(strict_types=1);

namespace App\Domain\Site;

use App\Domain\Revisions;
use App\Models\Event;
use App\Models\Site\PlanRevision;
use App\Models\User;
use Closure;
use KeenShadow\Core\Site\Plan\PlanChanges;
use KeenShadow\Core\Site\Plan\SitePlan;

/** An event's site plan through its revisions: the one that holds, a new one kept, back and on again. Whoever changes it says which one they saw. */
final readonly class EventPlan
{
    private function __construct(private Event $event) {}

    public static function of(Event $event): self
    {
        return new self($event);
    }

    /** The plan that holds; a blank one before the first. */
    public function plan(): SitePlan
    {
        return $this->event->planRevision->plan ?? SitePlan::blank();
    }

    /** The number of the revision that holds, null before the first. */
    public function revision(): ?int
    {
        return $this->revisions()->number();
    }

    /**
     * Makes a plan the one that holds. The one before stays; the same plan once more is no conflict.
     *
     * @param int|null $from the revision it was drawn over
     *
     * @throws PlanConflict when another one holds by now
     */
    public function keep(SitePlan $plan, ?int $from, User $by): void
    {
        $revisions = $this->revisions();
        $revisions->during(function (?PlanRevision $holds) use ($revisions, $plan, $from, $by): void {
            if ($holds?->id === $from) {
                $revisions->hold($this->event->planRevisions()->create(['parent_id' => $from, 'made_by' => $by->id, 'plan' => $plan]));
            } elseif ($holds === null || !PlanChanges::between($holds->plan, $plan)->isNone()) {
                throw new PlanConflict($revisions->find($from), $holds, $plan);
            }
        });
    }

    public function canUndo(): bool
    {
        return $this->revisions()->canUndo();
    }

    public function canRedo(): bool
    {
        return $this->revisions()->canRedo();
    }

    /**
     * Back to the plan from which the present one was made.
     *
     * @throws PlanConflict
     */
    public function undo(?int $from): void
    {
        $this->revisions()->undo($from, $this->conflict($from));
    }

    /**
     * On to the newest plan that was made from the present one.
     *
     * @throws PlanConflict
     */
    public function redo(?int $from): void
    {
        $this->revisions()->redo($from, $this->conflict($from));
    }

    /** @return Closure(PlanRevision|null): PlanConflict */
    private function conflict(?int $from): Closure
    {
        return fn(?PlanRevision $holds): PlanConflict => new PlanConflict($this->revisions()->find($from), $holds, null);
    }

    /** @return Revisions<PlanRevision> */
    private function revisions(): Revisions
    {
        return new Revisions($this->event, $this->event->planRevisions(), $this->event->planRevision());
    }
}
