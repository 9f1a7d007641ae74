<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Domain\Event\DayDuty;
use App\Domain\Event\DayPlan;
use App\Domain\Event\EventFacts;
use App\Drawings\Event\ShadowRibbon;
use App\Models\Event;
use App\Text\Clock;
use App\Text\Days;
use App\Text\DayWords;
use App\Text\FilterWords;
use DateTimeImmutable;
use KeenShadow\Core\Day\DayState;
use KeenShadow\Core\Day\EntryKind;
use KeenShadow\Core\Sky\LocalEclipse;

/** The screen of an event's day: what it shows before anything ticks, and all that it ticks by. */
final readonly class DayPage
{
    /** Changes of the place's clock are told from a day before to so long after. */
    private const AFTER = '+400 days';

    /**
     * @param string $caution what the rule about filters says here
     * @param LookPage|null $look where there is a totality that is seen
     * @param list<array{time: string, name: string, call: string, who: string, isFilters: bool}> $sheet for the wall
     * @param list<string> $people who have duties
     * @param list<array{name: string, ms: int}> $starts moments at which a rehearsal may begin
     * @param list<array{from: int, seconds: int, zone: string}> $offsets of the place's clock from UTC, from when, and what it is called
     */
    private function __construct(
        public Event $event,
        public LocalEclipse $here,
        public string $day,
        public string $zone,
        public string $caution,
        public ShadowRibbon $ribbon,
        public DayPack $pack,
        public ?LookPage $look,
        public array $sheet,
        public array $people,
        public array $starts,
        public array $offsets,
    ) {}

    public static function of(EventFacts $facts, DayPlan $plan, DateTimeImmutable $now): self
    {
        $here = $facts->here;
        $clock = Clock::over($here);
        $pack = DayPack::of($facts, $plan);

        return new self(
            event: $facts->event,
            here: $here,
            day: Days::full($here->local($here->circumstances->maximum->time())),
            zone: $clock->zone(),
            caution: FilterWords::caution($facts->filters(), $clock),
            ribbon: ShadowRibbon::of($here, $facts->outlook->spans ?? [], $now),
            pack: $pack,
            look: $facts->filters()->mayComeOff() ? LookPage::of($here) : null,
            sheet: self::sheet($pack),
            people: array_values(array_unique(array_map(static fn(DayDuty $d): string => $d->who, $plan->duties))),
            starts: DayStarts::of($facts, $plan),
            offsets: self::offsets($here, $now),
        );
    }

    /** @return list<array{time: string, name: string, call: string, who: string, isFilters: bool}> in order of time, by a clock as sure as one that was just compared */
    private static function sheet(DayPack $pack): array
    {
        $rows = [
            ...array_map(static fn(array $line): array => [$line['from'], ['time' => $line['time'], 'name' => $line['name'], 'call' => $line['call'], 'who' => implode(', ', array_filter([$line['who'], $line['where']], static fn(string $part): bool => $part !== '')), 'isFilters' => false]], $pack->lines),
            ...array_map(static fn(array $call): array => [$call['from'], ['time' => $call['time'], 'name' => $call['name'], 'call' => $call['call'], 'who' => '', 'isFilters' => true]], $pack->tables[0]['calls']),
        ];
        usort($rows, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($rows, 1);
    }

    /**
     * Of all days on which the page may be open: from now, or the eclipse where that is earlier, to long after both.
     *
     * @return list<array{from: int, seconds: int, zone: string}>
     */
    private static function offsets(LocalEclipse $here, DateTimeImmutable $now): array
    {
        $transitions = $here->zone->getTransitions(min($now, $here->begins())->modify('-1 day')->getTimestamp(), max($now, $here->ends())->modify(self::AFTER)->getTimestamp());

        return array_map(static fn(array $t): array => ['from' => 1000 * $t['ts'], 'seconds' => $t['offset'], 'zone' => Clock::of($here->zone, new DateTimeImmutable("@{$t['ts']}"))->zone()], $transitions);
    }

    /** @return array<string, array{name: string, todo: string}> */
    public static function states(): array
    {
        return array_combine(
            array_map(static fn(DayState $s): string => $s->value, DayState::cases()),
            array_map(static fn(DayState $s): array => ['name' => DayWords::state($s), 'todo' => DayWords::whatToDo($s)], DayState::cases()),
        );
    }

    /** @return array<string, string> of the log */
    public static function kinds(): array
    {
        return array_combine(array_map(static fn(EntryKind $k): string => $k->value, EntryKind::cases()), array_map(DayWords::kind(...), EntryKind::cases()));
    }
}
