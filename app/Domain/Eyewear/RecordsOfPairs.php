<?php

declare(strict_types=1);

namespace App\Domain\Eyewear;

use App\Domain\Event\PairsOfLots;
use App\Domain\Event\RecordLine;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use App\Models\Eyewear\StockEntry;
use App\Text\EyewearWords;
use App\Text\Numbers;
use App\Text\RuleWords;
use KeenShadow\Core\Eyewear\EyewearSubject;
use KeenShadow\Core\Eyewear\PairCondition;
use KeenShadow\Core\Eyewear\PairFault;

/** What was found and done, pair by pair. */
final class RecordsOfPairs implements PairsOfLots
{
    public function labels(Event $event): array
    {
        /** @var array<int, string> */
        return Lot::query()->where('organisation_id', $event->organisation_id)->orderBy('label')->pluck('label', 'id')->all();
    }

    public function record(Lot $lot, int $tag): array
    {
        $checks = $lot->pairChecks()->where('tag', $tag)->with('checker')->orderBy('checked_at')->orderBy('id')->get();
        $moves = StockEntry::query()->standing()->where(['lot_id' => $lot->id, 'tag' => $tag])->with('mover')->get();
        $lines = [
            ...$checks->map(static fn(PairCheck $c): RecordLine => new RecordLine($c->checked_at, self::found($c, $checks->contains('corrects_id', $c->id)), $c->checker->name))->all(),
            ...$moves->map(static fn(StockEntry $m): RecordLine => new RecordLine($m->moved_at, __('Destroyed: :how', ['how' => (string) $m->how]), $m->mover->name))->all(),
        ];
        usort($lines, static fn(RecordLine $a, RecordLine $b): int => $a->at <=> $b->at);

        return $lines;
    }

    public function papers(Event $event, Lot $lot): string
    {
        $verdict = $lot->verdict($event->eclipse_date);

        return RuleWords::verdict($verdict) . ': ' . implode(' ', array_map(RuleWords::reason(...), $verdict->findings));
    }

    public function pairs(Event $event, Lot $lot): array
    {
        $papers = $lot->verdict($event->eclipse_date)->level;
        $tags = [];
        foreach (PairCheck::query()->deciding($event->id)->where('lot_id', $lot->id)->get() as $check) {
            $isForNow = $check->event_id === $event->id;
            $level = PairCondition::verdict(array_values($check->faults->all()), $papers, $isForNow)->level;
            $tags[__(EyewearSubject::Pair->word($level))][] = $check->tag;
        }
        $seen = array_merge([], ...array_values($tags));
        $tags[__('Not inspected')] = array_values(array_diff(range(1, $lot->pairs), $seen));

        return array_map(static fn(array $of): string => Numbers::ranges($of), array_filter($tags, static fn(array $of): bool => $of !== []));
    }

    private static function found(PairCheck $check, bool $isSuperseded): string
    {
        $faults = array_map(static fn(PairFault $fault): string => EyewearWords::short($fault), array_values($check->faults->all()));
        $words = match (true) {
            $check->is_void => __('An entry was taken back'),
            $faults === [] => __('Looked over (:occasion): nothing found', ['occasion' => EyewearWords::occasion($check->occasion)]),
            default => __('Looked over (:occasion): :faults', ['occasion' => EyewearWords::occasion($check->occasion), 'faults' => implode(', ', $faults)]),
        };

        return $isSuperseded ? __(':words; corrected later', ['words' => $words]) : $words;
    }
}
