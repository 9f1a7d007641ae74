<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use KeenShadow\Core\Eyewear\Occasion;

/** Entries that a device has kept come in: each is stored once, however often it is sent, and what cannot be stored is said of each. */
final readonly class PairEntries
{
    /** A device that was away longer, or whose clock is ahead, tells no time that is worth storing. */
    private const LONGEST_AWAY_DAYS = 30;
    private const AHEAD_SECONDS = 120;

    public function __construct(
        private Lot $lot,
        private Event $event,
        private Occasion $occasion,
        private User $checker,
    ) {}

    /**
     * @param list<PairEntry> $entries in the order in which they were made
     *
     * @return array<string, string> by UUID: blank once it is stored, or why it is not
     */
    public function store(array $entries): array
    {
        $answers = [];
        foreach ($entries as $entry) {
            $answers[$entry->uuid] = $this->storeOne($entry);
        }

        return $answers;
    }

    private function storeOne(PairEntry $entry): string
    {
        $corrects = $entry->voids === null ? null : $this->lot->pairChecks()->where('uuid', $entry->voids)->first();
        if ($entry->voids !== null && $corrects === null) {
            return __('The entry that it takes back is not here.');
        }
        $now = Date::now();
        $row = new PairCheck([
            'uuid' => $entry->uuid, 'lot_id' => $this->lot->id, 'tag' => $corrects->tag ?? $entry->tag, 'faults' => $entry->faults, 'is_void' => $corrects !== null,
            'event_id' => $corrects->event_id ?? $this->event->id, 'occasion' => $corrects->occasion ?? $this->occasion, 'checked_by' => $this->checker->id,
            'checked_at' => self::isWorthStoring($entry->seenAt, $now) ? $entry->seenAt : $now, 'corrects_id' => $corrects?->id,
        ]);
        try {
            $isNew = DB::transaction(static fn(): int => PairCheck::query()->insertOrIgnore([$row->getAttributes()])) === 1;
        } catch (QueryException $e) {
            return str_contains($e->getMessage(), 'tag_within_lot') ? __('The lot has fewer pairs by now.') : throw $e;
        }
        if ($isNew) {
            return '';
        }
        $before = PairCheck::query()->where('uuid', $entry->uuid)->first();

        return match (true) {
            // Somebody else took it back a moment before: what was meant is done.
            $before === null, $before->saysTheSameAs($row) => '',
            default => __('Something else was stored under its number before.'),
        };
    }

    private static function isWorthStoring(?CarbonImmutable $seenAt, CarbonImmutable $now): bool
    {
        return $seenAt !== null && $seenAt->lte($now->addSeconds(self::AHEAD_SECONDS)) && $seenAt->gte($now->subDays(self::LONGEST_AWAY_DAYS));
    }
}
