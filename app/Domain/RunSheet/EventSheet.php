<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\EventFacts;
use App\Models\Event;
use App\Models\RunSheet\SheetRevision;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use KeenShadow\Core\RunSheet\Cues\Merge;
use KeenShadow\Core\RunSheet\Cues\Moments;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Cues\SheetRecord;

/**
 * An event's run sheet through its revisions. Whoever changes it says which one they saw; what others changed meanwhile stays,
 * unless it is the same cue.
 */
final readonly class EventSheet
{
    private function __construct(private Event $event) {}

    public static function of(Event $event): self
    {
        return new self($event);
    }

    /** What cues hang on where the people of the event stand. */
    public static function moments(EventFacts $facts): Moments
    {
        return new Moments($facts->here, $facts->outlook->hidden ?? []);
    }

    /** The sheet that holds; a blank one before the first. */
    public function sheet(): Sheet
    {
        return $this->event->sheetRevision->sheet ?? Sheet::blank();
    }

    public function revision(): ?int
    {
        return $this->event->sheet_revision_id;
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
     * Changes the sheet that was seen and keeps the change, together with what others have changed since.
     *
     * @param int|null $from the revision that was seen
     * @param callable(Sheet): Sheet $change
     *
     * @throws SheetConflict where others have changed the same
     */
    public function change(?int $from, callable $change, User $by): void
    {
        DB::transaction(function () use ($from, $change, $by): void {
            $holds = $this->find(Event::query()->lockForUpdate()->findOrFail($this->event->id)->sheet_revision_id);
            $seen = $this->find($from)->sheet ?? Sheet::blank();
            $merge = Merge::of($seen, $change($seen), $holds->sheet ?? Sheet::blank());
            if ($merge->disputed !== []) {
                throw new SheetConflict($holds, $merge->disputed);
            }
            // The same sent twice makes no second one.
            if (SheetRecord::write($merge->sheet) !== SheetRecord::write($holds->sheet ?? Sheet::blank())) {
                $this->hold($this->event->sheetRevisions()->create(['parent_id' => $holds?->id, 'made_by' => $by->id, 'sheet' => $merge->sheet]));
            }
        });
    }

    /**
     * Back to the sheet from which the present one was made.
     *
     * @throws SheetConflict when another one holds by now
     */
    public function undo(?int $from): void
    {
        $this->step($from, fn(?SheetRevision $holds): ?SheetRevision => $this->find($holds?->parent_id));
    }

    /**
     * On to the newest sheet that was made from the present one.
     *
     * @throws SheetConflict
     */
    public function redo(?int $from): void
    {
        $this->step($from, fn(?SheetRevision $holds): ?SheetRevision => $this->next($holds?->id) ?? $holds);
    }

    /** @param callable(SheetRevision|null): (SheetRevision|null) $to */
    private function step(?int $from, callable $to): void
    {
        DB::transaction(function () use ($from, $to): void {
            $holds = $this->find(Event::query()->lockForUpdate()->findOrFail($this->event->id)->sheet_revision_id);
            if ($holds?->id !== $from) {
                throw new SheetConflict($holds, []);
            }
            $this->hold($to($holds));
        });
    }

    private function hold(?SheetRevision $revision): void
    {
        $this->event->sheetRevision()->associate($revision)->save();
    }

    private function find(?int $id): ?SheetRevision
    {
        return $id === null ? null : $this->event->sheetRevisions()->with('maker')->find($id);
    }

    private function next(?int $revision): ?SheetRevision
    {
        return $this->event->sheetRevisions()->where('parent_id', $revision)->orderByDesc('id')->first();
    }
}
