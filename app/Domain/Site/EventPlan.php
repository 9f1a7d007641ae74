<?php

declare(strict_types=1);

namespace App\Domain\Site;

use App\Models\Event;
use App\Models\Site\PlanRevision;
use App\Models\User;
use Illuminate\Support\Facades\DB;
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
        return $this->event->plan_revision_id;
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
        $this->change($from, $plan, fn(): PlanRevision => $this->event->planRevisions()->create(['parent_id' => $from, 'made_by' => $by->id, 'plan' => $plan]));
    }

    public function canUndo(): bool
    {
        return $this->revision() !== null;
    }

    public function canRedo(): bool
    {
        return $this->next($this->revision()) !== null;
    }

    /**
     * Back to the plan from which the present one was made.
     *
     * @throws PlanConflict
     */
    public function undo(?int $from): void
    {
        $this->change($from, null, fn(?PlanRevision $holds): ?PlanRevision => $this->find($holds?->parent_id));
    }

    /**
     * On to the newest plan that was made from the present one.
     *
     * @throws PlanConflict
     */
    public function redo(?int $from): void
    {
        $this->change($from, null, fn(?PlanRevision $holds): ?PlanRevision => $this->next($holds?->id) ?? $holds);
    }

    /** @param callable(PlanRevision|null): (PlanRevision|null) $next the revision that is to hold after the one that holds */
    private function change(?int $from, ?SitePlan $plan, callable $next): void
    {
        DB::transaction(function () use ($from, $plan, $next): void {
            $holds = $this->find(Event::query()->lockForUpdate()->findOrFail($this->event->id)->plan_revision_id);
            if ($holds?->id === $from) {
                $this->event->planRevision()->associate($next($holds))->save();
            } elseif ($plan === null || $holds === null || !PlanChanges::between($holds->plan, $plan)->isNone()) {
                throw new PlanConflict($this->find($from), $holds, $plan);
            }
        });
    }

    private function find(?int $id): ?PlanRevision
    {
        return $id === null ? null : $this->event->planRevisions()->with('maker')->find($id);
    }

    private function next(?int $revision): ?PlanRevision
    {
        return $this->event->planRevisions()->where('parent_id', $revision)->orderByDesc('id')->first();
    }
}
