<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\Tray;
use App\Models\User;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use KeenShadow\Core\Eyewear\Occasion;

/** Who looks over which tags of a lot for an occasion of an event. */
final readonly class Trays
{
    /** Names the lock that those who take from one lot wait for. */
    private const LOCK = 0x54726179;

    public function __construct(
        private Lot $lot,
        private Event $event,
        private Occasion $occasion,
    ) {}

    /**
     * The next tags that nobody has and that are to be looked over; the same again for the same UUID. What else the same
     * device held is given back.
     *
     * @param string $uuid made by the device
     * @param int $size how many tags are to be looked over, at most
     * @param int|null $from the first tag; null takes the first that is free
     *
     * @return Tray|null null where no tag is free, or that one is held by somebody
     */
    public function take(User $checker, string $uuid, int $size, ?int $from, ?string $instead): ?Tray
    {
        return DB::transaction(function () use ($checker, $uuid, $size, $from, $instead): ?Tray {
            DB::select('select pg_advisory_xact_lock(?, ?)', [self::LOCK, $this->lot->id]);
            if ($instead !== null) {
                $this->release($instead);
            }
            $made = Tray::query()->where('uuid', $uuid)->first();
            if ($made !== null) {
                return $made->checker_id === $checker->id && $made->released_at === null ? $made : null;
            }
            $bounds = $this->free($size, $from);
            $now = Date::now();

            return $bounds === null ? null : Tray::query()->create([
                'uuid' => $uuid, 'lot_id' => $this->lot->id, 'event_id' => $this->event->id, 'occasion' => $this->occasion, 'checker_id' => $checker->id,
                'tags' => sprintf('[%d,%d)', $bounds[0], $bounds[1] + 1), 'taken_at' => $now, 'seen_at' => $now,
            ]);
        });
    }

    /** Gives a tray of this lot back, whosever it is: what is not looked over on it is free again. */
    public function release(string $uuid): void
    {
        Tray::query()->held($this->lot, $this->event->id, $this->occasion)->where('uuid', $uuid)->update(['released_at' => Date::now()]);
    }

    /** Its device was heard of; tells whether the tray is still held. */
    public function touch(string $uuid): bool
    {
        return Tray::query()->held($this->lot, $this->event->id, $this->occasion)->where('uuid', $uuid)->update(['seen_at' => Date::now()]) === 1;
    }

    /** @return list<int> tags of a tray that are still to be looked over */
    public function toDo(Tray $tray): array
    {
        [$from, $to] = $tray->bounds();

        return array_values(array_diff(range($from, $to), array_keys(LotState::doneTags($this->lot, $this->event, $this->occasion))));
    }

    /** @return list<Tray> all that are held, by their tags */
    public function held(): array
    {
        return array_values(Tray::query()->held($this->lot, $this->event->id, $this->occasion)->with('checker')->orderByRaw('lower(tags)')->get()->all());
    }

    /** @return array{int, int}|null first and last tag of the next tray */
    private function free(int $size, ?int $from): ?array
    {
        $taken = LotState::doneTags($this->lot, $this->event, $this->occasion);
        $held = [];
        foreach (Tray::query()->held($this->lot, $this->event->id, $this->occasion)->get() as $tray) {
            [$low, $high] = $tray->bounds();
            $held += array_fill_keys(range($low, $high), true);
        }
        $first = $from ?? 1;
        while ($from === null && $first <= $this->lot->pairs && (isset($taken[$first]) || isset($held[$first]))) {
            ++$first;
        }
        if ($first > $this->lot->pairs || isset($held[$first])) {
            return null;
        }
        $last = $first;
        for ($tag = $first, $found = 0; $tag <= $this->lot->pairs && $found < $size && !isset($held[$tag]); ++$tag) {
            if (!isset($taken[$tag])) {
                ++$found;
                $last = $tag;
            }
        }

        return [$first, $last];
    }
}
