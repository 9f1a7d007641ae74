<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Domain\Day\DayStamp;
use App\Domain\Event\DayDuty;
use App\Domain\Event\DayLine;
use App\Domain\Event\DayPlan;
use App\Domain\Event\EventFacts;
use App\Drawings\Sky\DiscSample;
use App\Drawings\Sky\DiscSlider;
use App\Text\Clock;
use App\Text\DayWords;
use App\Text\FilterWords;
use KeenShadow\Core\Day\DaySpan;
use KeenShadow\Core\Day\DayState;
use KeenShadow\Core\Day\DayTable;
use KeenShadow\Core\Day\DayTables;
use KeenShadow\Core\Day\LookAround;
use KeenShadow\Core\Day\LookSpan;
use KeenShadow\Core\Rules\FilterCall;
use KeenShadow\Core\Rules\Filters;

/**
 * All that the screen of a day ticks by, so that it needs no network: the script only looks up, by moments in milliseconds since 1970.
 *
 * @phpstan-type CallRow array{id: string, from: int, to: int, until: int|null, name: string, call: string, time: string}
 * @phpstan-type LineRow array{id: string, from: int, to: int, name: string, kind: string, time: string, who: string, where: string, crew: string, call: string, clouds: string, onlyFiltersOff: bool}
 * @phpstan-type TableRow array{uncertainty: float|null, spans: list<array{to: int|null, planned: string, cloud: string, stop: string}>, calls: list<CallRow>, returnUntil: int|null, looks: list<CallRow>}
 */
final readonly class DayPack
{
    /**
     * @param string $stamp which one this is
     * @param list<TableRow> $tables the surest clock first; without a number for a clock of which nothing is known
     * @param list<LineRow> $lines of the run sheet
     * @param list<array{id: string, from: int, to: int, who: string, name: string, where: string, time: string, begins: string}> $duties
     * @param list<DiscSample> $samples of the disc
     */
    private function __construct(public string $stamp, public array $tables, public array $lines, public array $duties, public array $samples) {}

    public static function of(EventFacts $facts, DayPlan $plan): self
    {
        $clock = Clock::over($facts->here);
        $filters = $facts->filters();

        return new self(
            stamp: DayStamp::of($facts->event),
            tables: array_map(static fn(DayTable $table): array => self::table($table, $clock), DayTables::of($facts->here, $filters)->tables),
            lines: array_map(self::line(...), $plan->lines),
            duties: array_map(self::duty(...), $plan->duties),
            samples: DiscSlider::of($facts->here, $filters)->samples,
        );
    }

    /** @return TableRow */
    private static function table(DayTable $table, Clock $clock): array
    {
        $calls = [];
        foreach ($table->filterCalls() as $kind => $atS) {
            $call = FilterCall::from($kind);
            $ms = (int) ($call === FilterCall::MayComeOff ? ceil(1000 * $atS) : floor(1000 * $atS));
            $at = Clock::ofMs($ms);
            // A permission that nobody has the time to follow is not called.
            $until = $call === FilterCall::MayComeOff ? (int) floor(1000 * ($table->filterCalls()[FilterCall::Warning->value] - Filters::PERMISSION_SECONDS)) : null;
            $calls[] = ['id' => $kind, 'from' => $ms, 'to' => $ms, 'until' => $until, 'name' => FilterWords::callName($call), 'call' => FilterWords::call($call), 'time' => $call === FilterCall::MayComeOff ? FilterWords::notBefore($at, $clock) : FilterWords::notAfter($at, $clock)];
        }

        return [
            'uncertainty' => is_finite($table->uncertaintyS) ? $table->uncertaintyS : null,
            'spans' => array_map(self::span(...), $table->spans),
            'calls' => $calls,
            'returnUntil' => $table->returnUntilS() === null ? null : (int) floor(1000 * $table->returnUntilS()),
            'looks' => array_map(static fn(LookSpan $look): array => self::look($look, $clock), LookAround::of($table)),
        ];
    }

    /** @return CallRow it is not called: whoever looks is not to be disturbed */
    private static function look(LookSpan $look, Clock $clock): array
    {
        $from = (int) round(1000 * $look->fromS);

        return ['id' => $look->look->value, 'from' => $from, 'to' => (int) round(1000 * $look->toS), 'until' => null, 'name' => DayWords::lookName($look->look), 'call' => '', 'time' => FilterWords::notBefore(Clock::ofMs($from), $clock)];
    }

    /** @return array{to: int|null, planned: string, cloud: string, stop: string} what holds until when: as planned, when clouded, when stopped */
    private static function span(DaySpan $span): array
    {
        return ['to' => is_finite($span->toS) ? self::ends($span) : null, 'planned' => $span->state->value, 'cloud' => $span->state->whenClouded()->value, 'stop' => DayState::Stopped->value];
    }

    /** To the millisecond, on the side of the filters. */
    private static function ends(DaySpan $span): int
    {
        return (int) ($span->state->areFiltersOn() ? ceil(1000 * $span->toS) : floor(1000 * $span->toS));
    }

    /** @return LineRow */
    private static function line(DayLine $line): array
    {
        return ['id' => $line->id, 'from' => Clock::ms($line->from), 'to' => Clock::ms($line->to), 'name' => $line->name, 'kind' => $line->kind, 'time' => $line->time, 'who' => $line->who, 'where' => $line->where, 'crew' => $line->crew, 'call' => $line->call, 'clouds' => $line->clouds, 'onlyFiltersOff' => $line->onlyFiltersOff];
    }

    /** @return array{id: string, from: int, to: int, who: string, name: string, where: string, time: string, begins: string} */
    private static function duty(DayDuty $duty): array
    {
        return ['id' => $duty->id, 'from' => Clock::ms($duty->from), 'to' => Clock::ms($duty->to), 'who' => $duty->who, 'name' => $duty->what, 'where' => $duty->where, 'time' => $duty->time, 'begins' => $duty->begins];
    }
}
