<?php

declare(strict_types=1);

namespace App\Domain\Logbook;

use App\Domain\Event\EventFacts;
use App\Domain\Kept;
use App\Models\Logbook\InstrumentLog;
use App\Text\Clock;
use DateTimeImmutable;
use KeenShadow\Core\Logbook\EclipseTimes;
use KeenShadow\Core\Logbook\Light\ClearSky;
use KeenShadow\Core\Logbook\Light\LightCurve;
use KeenShadow\Core\Logbook\Quantity;
use KeenShadow\Core\Logbook\Series;
use KeenShadow\Core\Logbook\Temperature\Baseline;
use KeenShadow\Core\Logbook\Temperature\Curve;
use KeenShadow\Core\Logbook\Temperature\Drop;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalKind;
use KeenShadow\Core\Sky\SunTrack;
use KeenShadow\Core\Time\JulianDate;

/** The instruments of an event, each held against its eclipse; what was worked out is kept, as it depends on the file and the eclipse alone. */
final readonly class Measurements
{
    private const MINUTE_S = 60.0;
    private const HOUR_S = 3600.0;
    private const REACH_S = 60.0 * (Baseline::MOST_MINUTES + Curve::RECOVERY_MIN);
    private const BASELINE_STEP_S = 300.0;

    public function __construct(
        private LoggedSeries $logged,
        private Kept $kept,
    ) {}

    /** @return list<Measured> in the order in which they came */
    public function of(EventFacts $facts): array
    {
        $logs = InstrumentLog::standing($facts->event->id)->with('maker')->get();

        return array_values(array_map(fn(InstrumentLog $log): Measured => $this->one($log, $facts->here), $logs->all()));
    }

    private function one(InstrumentLog $log, LocalEclipse $here): Measured
    {
        /** @var array{readings: int, from: float, to: float, curves: array<string, array{list<float>, list<float>}>, drop: array{numbers: list<float|null>, objections: list<string>}|null, baseline: array{list<float>, list<float>}|null, expected: array{list<float>, list<float>}|null, factor: float|null, clear: float|null} $kept */
        $kept = $this->kept->by('measured', [$log->sha256, $log->zone, $log->date_order, $log->ahead_s, $log->sensor, $here->eclipse->content(), $here->observer->latDeg, $here->observer->lonDeg, $here->observer->heightM], fn(): array => $this->plain($log, $here));
        return new Measured(
            log: $log,
            readings: $kept['readings'],
            fromS: $kept['from'],
            toS: $kept['to'],
            curves: array_map(static fn(array $s): Series => Series::of(...$s), $kept['curves']),
            drop: $kept['drop'] === null ? null : Drop::fromArray($kept['drop']),
            baseline: $kept['baseline'] === null ? null : Series::of(...$kept['baseline']),
            expectedLight: $kept['expected'] === null ? null : Series::of(...$kept['expected']),
            lightFactor: $kept['factor'],
            clearShare: $kept['clear'],
        );
    }

    /** @return array<string, mixed> as one() reads it */
    private function plain(InstrumentLog $log, LocalEclipse $here): array
    {
        $times = self::times($here);
        $all = $this->logged->of($log);
        $lux = $all[Quantity::Light->value] ?? null;
        $light = $lux === null || $times === null ? null : LightCurve::of($lux, $times, new ClearSky(self::track($here, $times), $log->sensor));
        $arrays = static fn(Series $s): array => [$s->atS, $s->values];
        // By whole hours: where it is cut would tell others when the eclipse began there, and with that the place.
        $near = static fn(Series $s): Series => ($times === null ? $s : $s->between(self::HOUR_S * floor(($times->c1S - self::REACH_S) / self::HOUR_S), self::HOUR_S * ceil(($times->c4S + self::REACH_S) / self::HOUR_S)))->medians(self::MINUTE_S);

        return [
            'readings' => max(0, ...array_map(static fn(Series $s): int => $s->count(), array_values($all))),
            'from' => min(INF, ...array_map(static fn(Series $s): float => $s->atS[0], array_values($all))),
            'to' => max(-INF, ...array_map(static fn(Series $s): float => $s->atS[$s->count() - 1], array_values($all))),
            'curves' => array_map(static fn(Series $s): array => $arrays($near($s)), $all),
        ] + self::temperature($all[Quantity::Temperature->value] ?? null, $times, $light?->isClear()) + self::light($light);
    }

    /** @return array<string, mixed> */
    private static function temperature(?Series $log, ?EclipseTimes $times, ?bool $isClear): array
    {
        if ($log === null || $times === null) {
            return ['drop' => null, 'baseline' => null];
        }
        $curve = Curve::of($log, $times);
        if ($curve === null) {
            return ['drop' => Drop::under(null, $log, $times, $isClear)->toArray(), 'baseline' => null];
        }
        $atS = range($curve->cooling->atS[0], $curve->cooling->atS[$curve->cooling->count() - 1], self::BASELINE_STEP_S);

        return ['drop' => Drop::under($curve, $log, $times, $isClear)->toArray(), 'baseline' => [$atS, array_map($curve->baseline->at(...), $atS)]];
    }

    /** @return array<string, mixed> */
    private static function light(?LightCurve $light): array
    {
        return ['expected' => $light?->factor === null ? null : [$light->expected->atS, $light->expected->values], 'factor' => $light?->factor, 'clear' => $light?->clearShare];
    }

    /** When the eclipse is on; null where there is none. */
    public static function times(LocalEclipse $here): ?EclipseTimes
    {
        if ($here->circumstances->kind === LocalKind::None) {
            return null;
        }
        $second = static fn(DateTimeImmutable $moment): float => Clock::ms($moment) / 1000;

        return EclipseTimes::of($second($here->begins()), $second($here->circumstances->maximum->time()), $second($here->ends()));
    }

    private static function track(LocalEclipse $here, EclipseTimes $times): SunTrack
    {
        $at = static fn(float $second): DateTimeImmutable => JulianDate::toDateTime(JulianDate::UNIX_EPOCH + $second / 86400);

        return SunTrack::over($here->eclipse, $here->observer, $at($times->c1S - self::REACH_S), $at($times->c4S + self::REACH_S));
    }
}
