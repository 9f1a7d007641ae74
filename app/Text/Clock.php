<?php

declare(strict_types=1);

namespace App\Text;

use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Sky\LocalEclipse;

/**
 * A place's clock around one day: times as people there read them, with the date where it does not go without saying,
 * and the offset where it is another than at the moment of reference.
 */
final readonly class Clock
{
    private function __construct(
        private DateTimeZone $zone,
        private DateTimeImmutable $reference,
        private bool $isAcrossMidnight,
    ) {}

    /** @param DateTimeImmutable $reference the moment whose date goes without saying */
    public static function of(DateTimeZone $zone, DateTimeImmutable $reference): self
    {
        return new self($zone, $reference->setTimezone($zone), false);
    }

    /** For what lasts from one moment to another: across midnight every time carries its date. */
    public static function during(DateTimeZone $zone, DateTimeImmutable $first, DateTimeImmutable $last): self
    {
        $day = $first->setTimezone($zone);

        return new self($zone, $day, $day->format('Y-m-d') !== $last->setTimezone($zone)->format('Y-m-d'));
    }

    /** For a script that counts on from there: the time of a place's clock in seconds of its day. */
    public static function secondOfDay(DateTimeImmutable $local): int
    {
        [$hours, $minutes, $seconds] = array_map(intval(...), explode(':', $local->format('G:i:s')));

        return 3600 * $hours + 60 * $minutes + $seconds;
    }

    /** For a script: milliseconds since 1970, whole ones, also before. */
    public static function ms(DateTimeImmutable $moment): int
    {
        return 1000 * (int) $moment->format('U') + (int) $moment->format('v');
    }

    public static function ofMs(int $ms): DateTimeImmutable
    {
        $seconds = (int) floor($ms / 1000);

        return (new DateTimeImmutable("@{$seconds}"))->modify(sprintf('+%d milliseconds', $ms - 1000 * $seconds));
    }

    /** For an eclipse at a place. */
    public static function over(LocalEclipse $here): self
    {
        return self::during($here->zone, $here->begins(), $here->ends());
    }

    /** "10:45:26", "00:03:12 on 13 Aug": to the nearest second. */
    public function second(DateTimeImmutable $moment): string
    {
        return $this->written($moment, 'H:i:s');
    }

    /** "10:45–11:00"; of what has no length its minute alone. */
    public function span(DateTimeImmutable $from, DateTimeImmutable $to): string
    {
        return $this->minute($from) . ($to > $from ? '–' . $this->minute($to) : '');
    }

    /** "10:45", "00:03 on 13 Aug": the minute it is in. */
    public function minute(DateTimeImmutable $moment): string
    {
        return $this->written($moment, 'H:i');
    }

    /** "10:45:26 (CEST, UTC+2)". */
    public function secondAndZone(DateTimeImmutable $moment): string
    {
        return $this->second($moment) . ' (' . self::zoneAt($moment, $this->zone) . ')';
    }

    /** "10:45 (CEST, UTC+2)". */
    public function minuteAndZone(DateTimeImmutable $moment): string
    {
        return $this->minute($moment) . ' (' . self::zoneAt($moment, $this->zone) . ')';
    }

    /** "CEST, UTC+2" or "Fiji, UTC+12": the letters people use where there are any, else the place that names the zone. */
    public function zone(): string
    {
        return self::zoneAt($this->reference, $this->zone);
    }

    /** The same moment in UTC, with its date where that is another than the place's. */
    public function utc(DateTimeImmutable $moment): string
    {
        $utc = self::nearestSecond($moment)->setTimezone(new DateTimeZone('UTC'));

        return $utc->format('H:i:s') . $this->day($utc);
    }

    /** Half a second on, so that a format that cuts the fraction shows the nearest second. */
    public static function nearestSecond(DateTimeImmutable $moment): DateTimeImmutable
    {
        return $moment->modify('+500 milliseconds');
    }

    private static function zoneAt(DateTimeImmutable $moment, DateTimeZone $zone): string
    {
        $local = $moment->setTimezone($zone);
        if ($zone->getName() === 'UTC') {
            return 'UTC';
        }
        $letters = $local->format('T');
        $parts = explode('/', $zone->getName());

        return (ctype_alpha($letters) ? $letters : str_replace('_', ' ', $parts[count($parts) - 1])) . ', ' . self::offset($local);
    }

    /** "UTC+2", "UTC−3:30". */
    private static function offset(DateTimeImmutable $local): string
    {
        $minutes = intdiv(abs($local->getOffset()), 60);

        return 'UTC' . ($local->getOffset() < 0 ? '−' : '+') . intdiv($minutes, 60) . ($minutes % 60 === 0 ? '' : sprintf(':%02d', $minutes % 60));
    }

    private function written(DateTimeImmutable $moment, string $format): string
    {
        $local = self::nearestSecond($moment)->setTimezone($this->zone);

        return $local->format($format)
            . ($local->getOffset() === $this->reference->getOffset() ? '' : ' ' . self::offset($local))
            . $this->day($local);
    }

    private function day(DateTimeImmutable $moment): string
    {
        return !$this->isAcrossMidnight && $moment->format('Y-m-d') === $this->reference->format('Y-m-d')
            ? ''
            : ' ' . __('on :day', ['day' => Days::inYear($moment)]);
    }
}
