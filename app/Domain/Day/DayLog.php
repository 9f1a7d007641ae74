<?php

declare(strict_types=1);

namespace App\Domain\Day;

use App\Domain\Event\WhatIsLogged;
use App\Models\Day\DayEntry;
use App\Models\Day\Rehearsal;
use App\Models\Event;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use KeenShadow\Core\Day\EntryKind;

/** The log of an event's day: each line is stored once, however often a device sends it. */
final readonly class DayLog
{
    public const MOST_AT_ONCE = 200;
    /** A device that was away longer tells no time that is worth storing. */
    private const LONGEST_AWAY_DAYS = 30;
    /** A rehearsal that nobody has ended is over by then. */
    private const LONGEST_REHEARSAL_HOURS = 6;

    private function __construct(private Event $event) {}

    public static function of(Event $event): self
    {
        return new self($event);
    }

    /** One after the other, so that numbers become visible in their order: who asks for those after one misses none. */
    public static function lock(Event $event): void
    {
        DB::select('select pg_advisory_xact_lock(hashtext(?), ?)', ['day', $event->id]);
    }

    /**
     * @param list<NewRehearsal> $rehearsals that the entries may belong to
     * @param list<NewEntry> $entries in the order in which they were made
     *
     * @return array<string, string> of the entries, by UUID: blank once it is stored, or why it is not
     */
    public function store(array $rehearsals, array $entries, Writer $by): array
    {
        return DB::transaction(function () use ($rehearsals, $entries, $by): array {
            self::lock($this->event);
            foreach ($rehearsals as $new) {
                Rehearsal::query()->insertOrIgnore([(new Rehearsal(['uuid' => $new->uuid, 'event_id' => $this->event->id, 'from_at' => $new->fromAt, 'begun_at' => self::worth($new->begunAt), 'speed' => $new->speed, 'is_for_all' => $new->isForAll && $by->leads, 'begun_by' => $by->userId, 'who' => $by->name]))->getAttributes()]);
            }

            return array_combine(array_map(static fn(NewEntry $e): string => $e->uuid, $entries), array_map(fn(NewEntry $e): string => $this->storeOne($e, $by), $entries));
        });
    }

    /** @return Collection<int, DayEntry> those that came in after a number, in order, as far as they are for this one */
    public function since(int $id, Writer $for): Collection
    {
        $entries = $this->entries()->where('id', '>', $id)->with('rehearsal')->orderBy('id')->limit(self::MOST_AT_ONCE);
        if (!$for->seesAll()) {
            $heard = array_filter(EntryKind::cases(), static fn(EntryKind $kind): bool => $kind->isForAllScreens());
            $entries->where(static fn(Builder $query) => $query->whereIn('kind', $heard)->orWhere(static fn(Builder $own) => $own->whereNull('made_by')->where('who', $for->name)));
        }

        return $entries->get();
    }

    /** The rehearsal that all are to play along with; null where there is none now. */
    public function running(): ?Rehearsal
    {
        $last = Rehearsal::query()->where('event_id', $this->event->id)->where('is_for_all', true)->where('begun_at', '>', Date::now()->subHours(self::LONGEST_REHEARSAL_HOURS))->orderByDesc('id')->first();

        return $last === null || $this->entries()->where('rehearsal_id', $last->id)->where('kind', EntryKind::RehearsalEnds)->exists() ? null : $last;
    }

    private function storeOne(NewEntry $entry, Writer $by): string
    {
        if ($entry->kind->isForLeaders() && !$by->leads) {
            return __('Only an organiser may do this.');
        }
        $rehearsal = $entry->rehearsal === null ? null : Rehearsal::query()->where('uuid', $entry->rehearsal)->where('event_id', $this->event->id)->first();
        if ($entry->rehearsal !== null && $rehearsal === null) {
            return __('The rehearsal that it belongs to is not here.');
        }
        $refusal = $entry->observed === null ? '' : app(WhatIsLogged::class)->refusal($entry->observed, $entry->value, $entry->text ?? '');
        if ($refusal !== '') {
            return $refusal;
        }
        $row = new DayEntry(['uuid' => $entry->uuid, 'event_id' => $this->event->id, 'rehearsal_id' => $rehearsal?->id, 'kind' => $entry->kind, 'about' => $entry->about, 'text' => $entry->text, 'observed' => $entry->observed, 'value' => $entry->value, 'made_by' => $by->userId, 'who' => $by->name, 'made_at' => self::worth($entry->madeAt), 'clock_offset_ms' => $entry->offsetMs, 'clock_uncertainty_ms' => $entry->uncertaintyMs]);
        if (DayEntry::query()->insertOrIgnore([$row->getAttributes()]) === 1) {
            return '';
        }
        $before = $this->entries()->where('uuid', $entry->uuid)->first();

        return $before !== null && [$before->kind, $before->about, $before->text, $before->observed, $before->value, $before->rehearsal_id, $before->made_by, $before->who] === [$entry->kind, $entry->about, $entry->text, $entry->observed, $entry->value, $rehearsal?->id, $by->userId, $by->name]
            ? ''
            : __('Something else was stored under its number before.');
    }

    /** @return Builder<DayEntry> */
    private function entries(): Builder
    {
        return DayEntry::query()->where('event_id', $this->event->id);
    }

    /** The moment that a device tells, where it can be: nothing was made later than now. */
    private static function worth(CarbonImmutable $at): CarbonImmutable
    {
        $now = Date::now();

        return match (true) {
            $at->gt($now) => $now,
            $at->lt($now->subDays(self::LONGEST_AWAY_DAYS)) => $now,
            default => $at,
        };
    }
}
