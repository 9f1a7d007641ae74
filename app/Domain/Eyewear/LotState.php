<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\PairCondition;
use KeenShadow\Core\Eyewear\PairFault;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Verdict;

/** A lot with its verdict for one event, and how far its inspection has come for an occasion of it. */
final readonly class LotState
{
    /**
     * @param array<string, int> $counts pairs by their level, of those that were looked over for the occasion or found unfit before
     * @param int $again pairs that were looked over for another occasion, and nothing was found that does not heal
     */
    private function __construct(
        public Lot $lot,
        public Verdict $verdict,
        private array $counts,
        public int $again,
    ) {}

    /** @return list<self> */
    public static function allFor(Event $event, Occasion $occasion): array
    {
        return self::of(array_values(Lot::query()->where('organisation_id', $event->organisation_id)->with(['scans', 'supplier', 'meterReadings'])->orderBy('label')->get()->all()), $event, $occasion);
    }

    public static function for(Lot $lot, Event $event, Occasion $occasion): self
    {
        return self::of([$lot], $event, $occasion)[0];
    }

    /**
     * How many pairs of all lots are still to be looked over, for the first time or again; null without any lot. A lot that its papers
     * rule out is not looked over, but set aside.
     */
    public static function left(Event $event, Occasion $occasion): ?int
    {
        $all = array_values(Lot::query()->where('organisation_id', $event->organisation_id)->with('supplier')->get()->all());
        $lots = array_values(array_filter($all, static fn(Lot $lot): bool => $lot->paperwork()->verdict($event->eclipse_date)->level !== Level::No));
        $seen = array_merge([], ...array_values(self::seen(array_map(static fn(Lot $lot): int => $lot->id, $lots), $event, $occasion)));
        $done = array_sum(array_map(static fn(array $s): int => PairCondition::isToBeLookedOver($s[0], $s[1]) ? 0 : $s[2], $seen));

        return $all === [] ? null : array_sum(array_map(static fn(Lot $lot): int => $lot->pairs, $lots)) - $done;
    }

    public function count(Level $level): int
    {
        return $this->counts[$level->value] ?? 0;
    }

    /** Those that must be looked over, for the first time or again. */
    public function unchecked(): int
    {
        return $this->lot->pairs - array_sum($this->counts);
    }

    /** The first tag that is still to be looked over for an occasion; the last one where none is. */
    public static function nextTag(Lot $lot, Event $event, Occasion $occasion): int
    {
        $isDone = self::doneTags($lot, $event, $occasion);
        $tag = 1;
        while ($tag < $lot->pairs && isset($isDone[$tag])) {
            ++$tag;
        }

        return $tag;
    }

    /** @return array<int, true> by tag, those that need no look for an occasion: looked over for it, or damaged */
    public static function doneTags(Lot $lot, Event $event, Occasion $occasion): array
    {
        $done = [
            ...$lot->pairChecks()->standing()->where('event_id', $event->id)->whereIn('occasion', self::counting($occasion))->distinct()->pluck('tag')->all(),
            ...$lot->pairChecks()->damaged()->distinct()->pluck('tag')->all(),
        ];

        return array_fill_keys(array_filter($done, is_int(...)), true);
    }

    /** @return list<string> occasions whose looks count for one */
    private static function counting(Occasion $occasion): array
    {
        return array_column(array_filter(Occasion::cases(), static fn(Occasion $o): bool => $o->countsFor($occasion)), 'value');
    }

    /**
     * @param list<Lot> $lots
     *
     * @return list<self>
     */
    private static function of(array $lots, Event $event, Occasion $occasion): array
    {
        $seen = self::seen(array_map(static fn(Lot $lot): int => $lot->id, $lots), $event, $occasion);

        return array_map(static function (Lot $lot) use ($event, $seen): self {
            $verdict = $lot->verdict($event->eclipse_date);
            $counts = [];
            $again = 0;
            foreach ($seen[$lot->id] ?? [] as [$faults, $isForNow, $pairs]) {
                if (PairCondition::isToBeLookedOver($faults, $isForNow)) {
                    $again += $pairs;
                } else {
                    $level = PairCondition::verdict($faults, $verdict->level, $isForNow)->level->value;
                    $counts[$level] = ($counts[$level] ?? 0) + $pairs;
                }
            }

            return new self($lot, $verdict, $counts, $again);
        }, $lots);
    }

    /**
     * What decides about the pairs.
     *
     * @param list<int> $lotIds
     *
     * @return array<int, list<array{list<PairFault>, bool, int}>> by lot: faults, whether for this occasion, of how many pairs
     */
    private static function seen(array $lotIds, Event $event, Occasion $occasion): array
    {
        if ($lotIds === []) {
            return [];
        }
        $rows = PairCheck::query()->toBase()->fromSub(PairCheck::query()->deciding($event->id)->whereIn('lot_id', $lotIds), 'deciding')
            ->selectRaw('lot_id, faults::text as found, event_id = ? and occasion = any(?) as is_for_now, count(*) as pairs', [$event->id, '{' . implode(',', self::counting($occasion)) . '}'])
            ->groupBy('lot_id', 'found', 'is_for_now')->get();
        $seen = [];
        foreach ($rows as $row) {
            /** @var \stdClass&object{lot_id: int, found: string, is_for_now: bool, pairs: int} $row */
            /** @var list<string> $found */
            $found = json_decode($row->found, true, 4, JSON_THROW_ON_ERROR);
            $seen[$row->lot_id][] = [array_map(PairFault::from(...), $found), $row->is_for_now, $row->pairs];
        }

        return $seen;
    }
}
