<?php

declare(strict_types=1);

namespace App\Domain\Site;

use App\Models\Event;
use App\Models\Site\PlanRevision;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use KeenShadow\Core\Site\Plan\SitePlan;

/** An event's site plan through its revisions: the one that holds, a new one kept, back and on again. */
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
     * Makes a plan the one that holds. The one before stays.
     *
     * @param int|null $from the revision it was drawn over
     *
     * @throws PlanConflict when another one holds by now
     */
    public function keep(SitePlan $plan, ?int $from, User $by): void
    {
        DB::transaction(function () use ($plan, $from, $by): void {
            $holds = Event::query()->lockForUpdate()->findOrFail($this->event->id)->plan_revision_id;
            if ($holds !== $from) {
                throw new PlanConflict();
            }
            $this->hold($this->event->planRevisions()->create(['parent_id' => $from, 'made_by' => $by->id, 'plan' => $plan]));
        });
    }

    public function canUndo(): bool
    {
        return $this->revision() !== null;
    }

    public function canRedo(): bool
    {
        return $this->next() !== null;
    }

    /** Back to the plan from which the present one was made. */
    public function undo(): void
    {
        $revision = $this->event->planRevision;
        if ($revision !== null) {
            $this->hold($revision->parent_id === null ? null : $this->event->planRevisions()->findOrFail($revision->parent_id));
        }
    }

    /** On to the newest plan that was made from the present one. */
    public function redo(): void
    {
        $next = $this->next();
        if ($next !== null) {
            $this->hold($next);
        }
    }

    private function next(): ?PlanRevision
    {
        return $this->event->planRevisions()->where('parent_id', $this->revision())->orderByDesc('id')->first();
    }

    private function hold(?PlanRevision $revision): void
    {
        $this->event->planRevision()->associate($revision)->save();
    }
}
