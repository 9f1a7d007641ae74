<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Domain\Event\EventFacts;
use App\Domain\Revisions;
use App\Models\Event;
use App\Models\RunSheet\SheetRevision;
use App\Models\User;
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
        return $this->revisions()->number();
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
     * Changes the sheet that was seen and keeps the change, together with what others have changed since.
     *
     * @param int|null $from the revision that was seen
     * @param callable(Sheet): Sheet $change
     *
     * @throws SheetConflict where others have changed the same
     */
    public function change(?int $from, callable $change, User $by): void
    {
        $revisions = $this->revisions();
        $revisions->during(function (?SheetRevision $holds) use ($revisions, $from, $change, $by): void {
            $seen = $revisions->find($from)->sheet ?? Sheet::blank();
            $merge = Merge::of($seen, $change($seen), $holds->sheet ?? Sheet::blank());
            if (!$merge->isAgreed()) {
                throw new SheetConflict($holds, $merge->disputed, $merge->isRotaDisputed);
            }
            // The same sent twice makes no second one.
            if (SheetRecord::write($merge->sheet) !== SheetRecord::write($holds->sheet ?? Sheet::blank())) {
                $revisions->hold($this->event->sheetRevisions()->create(['parent_id' => $holds?->id, 'made_by' => $by->id, 'sheet' => $merge->sheet]));
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
        $this->revisions()->undo($from, self::conflict(...));
    }

    /**
     * On to the newest sheet that was made from the present one.
     *
     * @throws SheetConflict
     */
    public function redo(?int $from): void
    {
        $this->revisions()->redo($from, self::conflict(...));
    }

    private static function conflict(?SheetRevision $holds): SheetConflict
    {
        return new SheetConflict($holds, []);
    }

    /** @return Revisions<SheetRevision> */
    private function revisions(): Revisions
    {
        return new Revisions($this->event, $this->event->sheetRevisions(), $this->event->sheetRevision());
    }
}
