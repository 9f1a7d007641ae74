<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use App\Domain\Event\LookingGroup;
use App\Domain\Event\LookingGroups;
use App\Models\EditConflict;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\StockEntry;
use App\Models\User;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\Stock;
use KeenShadow\Core\Eyewear\StockMove;

/** Writes what happens to pairs at an event. Who writes about a lot waits for whoever does so at the moment: nothing goes out twice. */
final readonly class StockBook
{
    /** Names the lock of a lot's stock. */
    private const LOCK = 0x53746f63;

    public function __construct(
        private Event $event,
        private Occasion $occasion,
        private User $mover,
        private LookingGroups $looking,
    ) {}

    /**
     * @param array{what: string, lot_id: int|string, pairs?: int|string, group_id?: int|string|null, tag?: int|string, how?: string} $fields
     *
     * @throws ValidationException when there are not so many
     * @throws EditConflict when the form has written something else before
     */
    public function write(string $uuid, array $fields): void
    {
        $lot = Lot::query()->findOrFail((int) $fields['lot_id']);
        $entry = new StockEntry([
            'uuid' => $uuid, 'event_id' => $this->event->id, 'lot_id' => $lot->id, 'what' => StockMove::from($fields['what']), 'pairs' => (int) ($fields['pairs'] ?? 1), 'group_id' => isset($fields['group_id']) ? (int) $fields['group_id'] : null,
            'tag' => isset($fields['tag']) ? (int) $fields['tag'] : null, 'how' => $fields['how'] ?? null, 'is_void' => false, 'moved_by' => $this->mover->id, 'moved_at' => Date::now(),
        ]);
        DB::transaction(function () use ($lot, $entry): void {
            DB::select('select pg_advisory_xact_lock(?, ?)', [self::LOCK, $lot->id]);
            $before = StockEntry::query()->where('uuid', $entry->uuid)->first();
            if ($before !== null) {
                if (!$before->saysTheSameAs($entry)) {
                    throw EditConflict::madeAlready();
                }

                return;
            }
            $this->check($lot, $entry);
            $entry->save();
        });
    }

    /** Takes an entry back by another; once. */
    public function takeBack(StockEntry $wrong): void
    {
        StockEntry::query()->insertOrIgnore([(new StockEntry([
            'uuid' => Str::uuid7()->toString(), 'is_void' => true, 'corrects_id' => $wrong->id, 'moved_by' => $this->mover->id, 'moved_at' => Date::now(), 'event_id' => $wrong->event_id, 'lot_id' => $wrong->lot_id, 'what' => $wrong->what,
            'pairs' => $wrong->pairs, 'group_id' => $wrong->group_id, 'tag' => $wrong->tag, 'how' => $wrong->how,
        ]))->getAttributes()]);
    }

    /** @throws ValidationException */
    private function check(Lot $lot, StockEntry $entry): void
    {
        $most = match ($entry->what) {
            StockMove::Out => EventStock::of($this->event, $this->occasion)->stocks[$lot->id]->toHandOut(),
            StockMove::Back, StockMove::Lost => $this->with($lot, $entry->group_id),
            StockMove::Destroyed => $lot->pairs,
        };
        $isDestroyedAlready = $entry->tag !== null && StockEntry::query()->standing()->where(['lot_id' => $lot->id, 'tag' => $entry->tag])->exists();
        [$field, $words] = match (true) {
            $entry->what === StockMove::Out && $lot->kind->isEclipseGlasses() && !$this->mayLook($entry->group_id) => ['group_id', __('By the rule book, or the policy of the event, this group does not look through glasses: give it an image on a screen.')],
            $isDestroyedAlready => ['tag', __('Tag :tag of this lot is destroyed already.', ['tag' => $entry->tag])],
            ($entry->tag ?? $entry->pairs) <= $most => [null, ''],
            $entry->what === StockMove::Out => ['pairs', trans_choice('{0} No pair of this lot is fit and here: it goes out only when it was looked over and found fit.|{1} Only 1 pair of this lot is fit and here.|[2,*] Only :count pairs of this lot are fit and here.', $most)],
            $entry->what === StockMove::Destroyed => ['tag', __('The lot has tags from 1 to :most.', ['most' => $most])],
            default => ['pairs', trans_choice('{0} No pair of this lot is out with them.|{1} Only 1 pair of this lot is out with them.|[2,*] Only :count pairs of this lot are out with them.', $most)],
        };
        if ($field !== null) {
            throw ValidationException::withMessages([$field => $words]);
        }
    }

    /** How many of a lot are out with a group, or with nobody in particular. */
    private function with(Lot $lot, ?int $groupId): int
    {
        $sum = fn(StockMove $what): int => (int) StockEntry::query()->standing()->where(['lot_id' => $lot->id, 'what' => $what, 'event_id' => $this->event->id, 'group_id' => $groupId])->sum('pairs');

        return (new Stock(fit: 0, withdrawn: 0, out: $sum(StockMove::Out), back: $sum(StockMove::Back), lost: $sum(StockMove::Lost), destroyed: 0))->outNow();
    }

    /** Whether the rule book lets a group look through glasses; who takes some for nobody in particular answers for them. */
    private function mayLook(?int $groupId): bool
    {
        return array_filter($this->looking->of($this->event), static fn(LookingGroup $group): bool => $group->id === $groupId && !$group->mayLook) === [];
    }
}
