<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use App\Domain\Event\CountedLot;
use App\Domain\Event\StockAfter;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\StockEntry;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use KeenShadow\Core\Eyewear\EyewearSubject;
use KeenShadow\Core\Eyewear\StockMove;

/** Counts what came back, lot by lot and group by group. */
final class StockAfterEvent implements StockAfter
{
    public function counted(Event $event): array
    {
        $moves = StockEntry::query()->standing()->where('event_id', $event->id)->where('what', '<>', StockMove::Destroyed)->with(['lot', 'group'])->get();
        $lots = $moves->groupBy(static fn(StockEntry $m): string => $m->lot->label)->sortKeys();

        return array_values($lots->map(static function (Collection $of, string $label): CountedLot {
            /** @var Collection<int, StockEntry> $of */
            [$out, $back, $lost] = self::sums($of);
            $groups = $of->groupBy(static fn(StockEntry $m): string => $m->group->name ?? __('nobody in particular'));

            return new CountedLot($label, $out, $back, $lost, max(0, $out - $back - $lost), array_values($groups->map(static function (Collection $moves, string $group): array {
                /** @var Collection<int, StockEntry> $moves */
                [$out, $back, $lost] = self::sums($moves);

                return ['group' => $group, 'out' => $out, 'back' => $back, 'lost' => $lost, 'missing' => max(0, $out - $back - $lost)];
            })->all()));
        })->all());
    }

    public function standing(Event $event, DateTimeImmutable $useOn): array
    {
        $lots = Lot::query()->where('organisation_id', $event->organisation_id)->with(['scans', 'supplier', 'meterReadings'])->orderBy('label')->get();

        return $lots->mapWithKeys(static fn(Lot $lot): array => [$lot->label => __(EyewearSubject::Lot->word($lot->verdict($useOn)->level))])->all();
    }

    /**
     * @param Collection<int, StockEntry> $moves
     *
     * @return array{int, int, int} out, back, lost
     */
    private static function sums(Collection $moves): array
    {
        $of = static fn(StockMove $what): int => array_sum(array_map(static fn(StockEntry $m): int => $m->what === $what ? $m->pairs : 0, $moves->all()));

        return [$of(StockMove::Out), $of(StockMove::Back), $of(StockMove::Lost)];
    }
}
