<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

use DateTimeImmutable;
use KeenShadow\Core\RunSheet\Rotation\Stretch;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Time\Interval;
use KeenShadow\Core\Time\JulianDate;

/** The hours of one eclipse at one place in which turns make sense, in minutes of the place's clock from midnight of the day of the maximum. */
final readonly class RotaDay
{
    /** The best minutes are so far to either side of the best moment, or of the pause for totality. */
    private const HALF_PEAK_MIN = 5;
    private const BESIDE_TOTALITY_MIN = 10;
    /** So long before filters may come off everybody stands still. */
    private const STILL_MIN = 3;

    /**
     * @param Stretch $open hours of the event
     * @param Stretch $within from the first contact to the last with the Sun up, as far as the event is open
     * @param Stretch $peak the best minutes
     * @param Stretch|null $together nobody has a turn: totality is for all
     * @param list<Stretch> $seen when there is something to look at and it is no time for all together
     */
    private function __construct(
        private LocalEclipse $here,
        public Stretch $open,
        public Stretch $within,
        public Stretch $peak,
        public ?Stretch $together,
        public array $seen,
    ) {}

    /**
     * @param list<Interval> $hidden with the whole Sun behind something
     * @param array{DateTimeImmutable, DateTimeImmutable}|null $bare between which filters may be off; null where they stay on
     *
     * @return self|null null where nothing of the eclipse is seen while the event is open
     */
    public static function of(LocalEclipse $here, array $hidden, ?array $bare, DateTimeImmutable $opens, DateTimeImmutable $closes, int $stepMin): ?self
    {
        $open = self::steps($here, $opens, $closes, $stepMin);
        $eclipse = self::steps($here, $here->begins(), $here->ends(), $stepMin);
        $within = self::sunUp($here, max($open->fromMin, $eclipse->fromMin), min($open->toMin, $eclipse->toMin), $stepMin);
        $together = $bare === null ? null : self::steps($here, $bare[0]->modify('-' . self::STILL_MIN . ' minutes'), $bare[1], $stepMin);
        $seen = self::seen($here, $hidden, $within, $together, $stepMin);
        if ($seen === []) {
            return null;
        }
        $peak = $together === null
            ? self::peak((int) round(self::minute($here, $here->bestVisible()->time())), $seen)
            : new Stretch($together->fromMin - self::BESIDE_TOTALITY_MIN, $together->toMin + self::BESIDE_TOTALITY_MIN);

        return new self($here, $open, $within, $peak, $together, $seen);
    }

    /** The moment of a minute, hours and minutes as they are read on the place's clock. */
    public static function moment(LocalEclipse $here, int $minute): DateTimeImmutable
    {
        return self::midnight($here)->setTime(0, $minute);
    }

    public function at(int $minute): DateTimeImmutable
    {
        return self::moment($this->here, $minute);
    }

    /** The minute that runs at a moment. */
    public function minuteOf(DateTimeImmutable $moment): int
    {
        return (int) floor(self::minute($this->here, $moment));
    }

    /** A time that people write, 0 to 1439, on the day that lies nearer to the event: one across midnight has hours of two days. */
    public function near(int $clockMin): int
    {
        $middle = intdiv($this->within->fromMin + $this->within->toMin, 2);
        $near = array_map(static fn(int $day): int => $clockMin + 1440 * $day, [0, -1, 1]);
        usort($near, static fn(int $a, int $b): int => abs($a - $middle) <=> abs($b - $middle));

        return $near[0];
    }

    /**
     * Around the best moment; where the Sun is not seen then, those minutes of the ones that are seen that lie next to it.
     *
     * @param non-empty-list<Stretch> $seen
     */
    private static function peak(int $bestMin, array $seen): Stretch
    {
        $apart = static fn(Stretch $s): int => max(0, $s->fromMin - $bestMin, $bestMin - $s->toMin);
        usort($seen, static fn(Stretch $a, Stretch $b): int => $apart($a) <=> $apart($b));
        $from = max($seen[0]->fromMin, min($bestMin - self::HALF_PEAK_MIN, $seen[0]->toMin - 2 * self::HALF_PEAK_MIN));

        return new Stretch($from, min($seen[0]->toMin, $from + 2 * self::HALF_PEAK_MIN));
    }

    /** What of a stretch is for turns, on whole steps.
     *
     * @return list<Stretch>
     */
    public function turnsIn(int $fromMin, int $toMin, int $stepMin): array
    {
        $common = array_map(static fn(Stretch $s): Stretch => new Stretch(
            (int) ceil(max($s->fromMin, $fromMin) / $stepMin) * $stepMin,
            (int) floor(min($s->toMin, $toMin) / $stepMin) * $stepMin,
        ), $this->seen);

        return array_values(array_filter($common, static fn(Stretch $s): bool => $s->fromMin < $s->toMin));
    }

    /** From the first whole step at which the Sun is up at some time to the last; an empty one where it never is. */
    private static function sunUp(LocalEclipse $here, int $fromMin, int $toMin, int $stepMin): Stretch
    {
        $isUp = static fn(int $minute): bool => $here->at(self::moment($here, $minute))->isSunUp();
        $up = array_values(array_filter($toMin > $fromMin ? range($fromMin, $toMin - $stepMin, $stepMin) : [], static fn(int $t): bool => $isUp($t) || $isUp($t + $stepMin)));

        return $up === [] ? new Stretch($fromMin, $fromMin) : new Stretch($up[0], $up[count($up) - 1] + $stepMin);
    }

    /**
     * Stretches of whole steps in which the Sun is up, not hidden, and people are not all together.
     *
     * @param list<Interval> $hidden
     *
     * @return list<Stretch>
     */
    private static function seen(LocalEclipse $here, array $hidden, Stretch $within, ?Stretch $together, int $stepMin): array
    {
        $seen = [];
        for ($t = $within->fromMin; $t < $within->toMin; $t += $stepMin) {
            [$from, $to] = [self::moment($here, $t), self::moment($here, $t + $stepMin)];
            $step = new Interval(JulianDate::fromDateTime($from), JulianDate::fromDateTime(max($from, $to)));
            $isHidden = array_filter($hidden, static fn(Interval $i): bool => $i->common($step)->seconds() > 0) !== [];
            if ($isHidden || !$here->at($from)->isSunUp() || !$here->at($to)->isSunUp() || ($together?->commonMin($t, $t + $stepMin) ?? 0) > 0) {
                continue;
            }
            $last = array_key_last($seen);
            if ($last !== null && $seen[$last]->toMin === $t) {
                $seen[$last] = new Stretch($seen[$last]->fromMin, $t + $stepMin);
            } else {
                $seen[] = new Stretch($t, $t + $stepMin);
            }
        }

        return $seen;
    }

    /** Whole steps that have all of it. */
    private static function steps(LocalEclipse $here, DateTimeImmutable $from, DateTimeImmutable $to, int $stepMin): Stretch
    {
        return new Stretch((int) floor(self::minute($here, $from) / $stepMin) * $stepMin, (int) ceil(self::minute($here, $to) / $stepMin) * $stepMin);
    }

    private static function midnight(LocalEclipse $here): DateTimeImmutable
    {
        return $here->local($here->circumstances->maximum->time())->setTime(0, 0);
    }

    private static function minute(LocalEclipse $here, DateTimeImmutable $moment): float
    {
        $local = $here->local($moment);
        $days = (int) self::midnight($here)->diff($local->setTime(0, 0))->format('%r%a');

        return 1440 * $days + 60 * (int) $local->format('G') + (int) $local->format('i') + (float) $local->format('s.u') / 60;
    }
}
