<?php

declare(strict_types=1);

namespace App\Imports\Logbook;

use App\Imports\ImportException;
use App\Text\PlainText;
use DateTimeImmutable;
use DateTimeZone;
use KeenShadow\Core\Logbook\DateOrder;

/**
 * Reads the times that loggers write: ISO 8601 with or without a zone, dates with points, strokes or dashes, twelve hours with AM and
 * PM, Unix seconds. What has no zone of its own is in the logger's. A table has few days and many moments: hours are worked out once.
 */
final class LoggerClock
{
    private const TIME = '(?:T|,? +)(\d{1,2}):?(\d{2})(?::?(\d{2})(?:[.,](\d{1,9}))?)?(?: ?([AaPp])\.?[Mm]\.?)?\s?(Z|[+-]\d{2}:?\d{2}|[+-]\d{2})?$~D';
    private const YEAR_FIRST = '~^(\d{4})([-/.]?)(\d{1,2})\2(\d{1,2})' . self::TIME;
    private const YEAR_LAST = '~^(\d{1,2})([-/.])(\d{1,2})\2(\d{4}|\d{2})' . self::TIME;
    private const UNIX = '/^[0-9]{9,10}(?:\.[0-9]+)?$/D';

    /** @var array<string, int|null> Unix seconds by day, hour and zone; null where there is no such day or hour */
    private array $hours = [];

    /** @param DateOrder|null $order null for dates that begin with the year alone */
    public function __construct(
        private readonly DateTimeZone $zone,
        private readonly ?DateOrder $order,
    ) {}

    /** Times as ISO 8601 writes them, in UTC where they do not say. */
    public static function iso(): self
    {
        return new self(new DateTimeZone('UTC'), null);
    }

    /**
     * Seconds since 1970.
     *
     * @throws ImportException when it is no time with a date
     */
    public function seconds(string $text): float
    {
        $seconds = $this->read($text);
        if ($seconds === null) {
            throw new ImportException(preg_match('/^T?\d{1,2}:\d{2}/', $text) === 1
                ? __('":text" has no date.', ['text' => PlainText::quoted($text)])
                : __('":text" is no time with a date.', ['text' => PlainText::quoted($text)]));
        }

        return $seconds;
    }

    private function read(string $text): ?float
    {
        if (preg_match(self::YEAR_FIRST, $text, $parts) === 1) {
            [$year, $month, $day] = [(int) $parts[1], (int) $parts[3], (int) $parts[4]];
        } elseif ($this->order !== null && preg_match(self::YEAR_LAST, $text, $parts) === 1) {
            [$day, $month] = $this->order === DateOrder::DayFirst ? [(int) $parts[1], (int) $parts[3]] : [(int) $parts[3], (int) $parts[1]];
            $year = (int) $parts[4] + (strlen($parts[4]) === 2 ? 2000 : 0);
        } else {
            return $this->order !== null && preg_match(self::UNIX, $text) === 1 ? (float) $text : null;
        }
        $hour = self::hour((int) $parts[5], strtolower($parts[9] ?? ''));
        [$minute, $second] = [(int) $parts[6], (int) ($parts[7] ?? 0)];
        if ($hour === null || $minute > 59 || $second > 59) {
            return null;
        }
        $zone = $parts[10] ?? '';
        $key = "{$year}-{$month}-{$day} {$hour}{$zone}";
        $start = array_key_exists($key, $this->hours) ? $this->hours[$key] : $this->hours[$key] = $this->hourStart($year, $month, $day, $hour, $zone);

        return $start === null ? null : $start + 60 * $minute + $second + (float) ('0.' . ($parts[8] ?? '0'));
    }

    /** @param string $half "a", "p" or nothing */
    private static function hour(int $hour, string $half): ?int
    {
        return match (true) {
            $half === '' => $hour <= 23 ? $hour : null,
            $hour < 1, $hour > 12 => null,
            default => $hour % 12 + ($half === 'p' ? 12 : 0),
        };
    }

    private function hourStart(int $year, int $month, int $day, int $hour, string $zone): ?int
    {
        $in = match (true) {
            $zone === '' => $this->zone,
            $zone === 'Z' => new DateTimeZone('UTC'),
            default => new DateTimeZone($zone),
        };
        $moment = checkdate($month, $day, $year) ? new DateTimeImmutable(sprintf('%04d-%02d-%02d %02d:00', $year, $month, $day, $hour), $in) : null;

        // An hour that the clocks leap over does not exist.
        return $moment?->format('H') === sprintf('%02d', $hour) ? $moment->getTimestamp() : null;
    }
}
