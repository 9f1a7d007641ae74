<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

use DateTimeImmutable;
use KeenShadow\Core\Rules\FilterCall;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Time\JulianDate;

/**
 * What holds at every moment of a day at one place: the table by which a screen ticks. Filters may come off only between the
 * times of the one rule about filters, drawn in by what the screen's clock may be wrong; a stop or a cloud that was called
 * ends it at once, and another call never brings it back before the rule would.
 */
final readonly class DayTable
{
    /** A while that the permission and the warning take is not called at all. */
    private const LEAST_S = Filters::PERMISSION_SECONDS + Filters::WARNING_SECONDS;
    /** After a stop or a cloud filters come off again only while so much and the warning are ahead (own judgement: it takes a moment until all have heard). */
    private const RETURN_S = 30.0;

    /**
     * @param float $uncertaintyS of the clock for which it holds, to either side; infinite where nothing is known of it
     * @param non-empty-list<DaySpan> $spans one after the other, without a gap
     */
    private function __construct(public float $uncertaintyS, public array $spans) {}

    /**
     * @param float $clockUncertaintyS how far a screen's clock may be from the right time, to either side
     */
    public static function of(LocalEclipse $here, Filters $filters, float $clockUncertaintyS): self
    {
        [$begins, $ends] = [self::seconds($here->begins()), self::seconds($here->ends())];
        $spans = [new DaySpan(DayState::Before, -INF, $begins)];
        [$off, $on] = [$filters->off(), $filters->on()];
        // Not a number is no clock at all.
        $isKnown = $clockUncertaintyS >= 0.0 && is_finite($clockUncertaintyS);
        if ($filters->mayComeOff() && $off !== null && $on !== null && $isKnown) {
            [$offS, $onS] = [self::seconds($off) + $clockUncertaintyS, self::seconds($on) - $clockUncertaintyS];
            if ($onS - $offS >= self::LEAST_S) {
                array_push($spans, new DaySpan(DayState::FiltersOn, $begins, $offS), new DaySpan(DayState::MayComeOff, $offS, $onS), new DaySpan(DayState::FiltersBackOn, $onS, $ends));
            }
        }
        if (count($spans) === 1) {
            $spans[] = new DaySpan(DayState::FiltersOn, $begins, $ends);
        }

        return new self($isKnown ? $clockUncertaintyS : INF, [...$spans, new DaySpan(DayState::After, $ends, INF)]);
    }

    /**
     * @param float $atS seconds since 1970 (UTC), by the screen's clock
     * @param list<Call> $calls in any order
     */
    public function at(float $atS, array $calls = []): DayState
    {
        $planned = $this->planned($atS);
        if (self::holds(CallKind::Stop, CallKind::GoOn, $atS, $calls)) {
            return DayState::Stopped;
        }

        if (self::holds(CallKind::Cloud, CallKind::Clear, $atS, $calls)) {
            return $planned->whenClouded();
        }

        return $planned === DayState::MayComeOff && $this->wasTakenBackTooLate($atS, $calls) ? DayState::KeptOn : $planned;
    }

    /** The last moment at which a stop or a cloud that is taken back lets filters off again, in seconds since 1970; null where they stay on. */
    public function returnUntilS(): ?float
    {
        foreach ($this->spans as $span) {
            if ($span->state === DayState::MayComeOff) {
                return $span->toS - self::RETURN_S - Filters::WARNING_SECONDS;
            }
        }

        return null;
    }

    /** @return array<value-of<FilterCall>, float> when what is called about filters, seconds since 1970; nothing where they stay on */
    public function filterCalls(): array
    {
        foreach ($this->spans as $span) {
            if ($span->state === DayState::MayComeOff) {
                return [FilterCall::MayComeOff->value => $span->fromS, FilterCall::Warning->value => $span->toS - Filters::WARNING_SECONDS, FilterCall::BackOn->value => $span->toS];
            }
        }

        return [];
    }

    /** @param list<Call> $calls */
    private function wasTakenBackTooLate(float $atS, array $calls): bool
    {
        foreach ([[CallKind::Stop, CallKind::GoOn], [CallKind::Cloud, CallKind::Clear]] as [$call, $back]) {
            $last = max([-INF, ...self::moments($call, $atS, $calls)]);
            $back = min([INF, ...array_filter(self::moments($back, $atS, $calls), static fn(float $s): bool => $s > $last)]);
            if (is_finite($last) && is_finite($back) && $back > ($this->filterCalls()[FilterCall::MayComeOff->value] ?? INF) && $back > $this->returnUntilS()) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<Call> $calls
     *
     * @return list<float> of one kind up to a moment
     */
    private static function moments(CallKind $kind, float $atS, array $calls): array
    {
        return array_values(array_map(static fn(Call $call): float => $call->atS, array_filter($calls, static fn(Call $call): bool => $call->kind === $kind && $call->atS <= $atS)));
    }

    private function planned(float $atS): DayState
    {
        foreach ($this->spans as $span) {
            if ($atS < $span->toS) {
                return $span->state;
            }
        }

        // No time at all.
        return DayState::FiltersOn;
    }

    /**
     * Whether a call holds that nothing has taken back since. Of two at the same moment the one for caution holds.
     *
     * @param list<Call> $calls
     */
    private static function holds(CallKind $call, CallKind $back, float $atS, array $calls): bool
    {
        $last = max([-INF, ...self::moments($call, $atS, $calls)]);
        $lastBack = max([-INF, ...self::moments($back, $atS, $calls)]);

        return is_finite($last) && $last >= $lastBack;
    }

    private static function seconds(DateTimeImmutable $moment): float
    {
        return (JulianDate::fromDateTime($moment) - JulianDate::UNIX_EPOCH) * 86400;
    }
}
