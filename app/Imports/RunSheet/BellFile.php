<?php

declare(strict_types=1);

namespace App\Imports\RunSheet;

use App\Imports\CsvTable;
use App\Imports\ImportException;
use App\Imports\Limits;
use App\Text\TypedBells;
use DateTimeImmutable;
use DateTimeInterface;
use KeenShadow\Core\RunSheet\Rota\Bell;
use KeenShadow\Core\RunSheet\RunSheetException;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Throwable;

/**
 * A school's timetable from a file somebody has: a table with columns name, from, to and perhaps break, or a calendar (RFC 5545),
 * of which the entries of the day count, repeated ones as well.
 */
final class BellFile
{
    public const KILOBYTES = 500;
    private const NAMES = ['name' => ['name', 'lesson', 'period', 'bell', 'nombre', 'clase'], 'from' => ['from', 'start', 'begin', 'begins', 'de', 'inicio'], 'to' => ['to', 'end', 'ends', 'a', 'fin'], 'break' => ['break', 'recess', 'recreo']];
    private const YES = ['1', 'yes', 'y', 'true', 'x', 'sí', 'si'];
    /** Repetitions of a timetable; others cost much and say nothing of a school. */
    private const REPEATED = ['DAILY', 'WEEKLY'];
    private const YEARS_BACK = '-10 years';

    /**
     * @param DateTimeImmutable $day midnight of the event's day in its zone
     *
     * @return list<Bell>
     *
     * @throws ImportException|RunSheetException
     */
    public static function read(string $path, DateTimeImmutable $day): array
    {
        $begin = ltrim((string) file_get_contents($path, length: 200), "\xEF\xBB\xBF \r\n");
        $lines = str_starts_with(strtoupper($begin), 'BEGIN:VCALENDAR') ? self::calendar((string) file_get_contents($path), $day) : self::table($path);

        return $lines === [] ? throw new ImportException(__('There are no bells in the file for that day.')) : TypedBells::read(implode("\n", $lines));
    }

    /**
     * @return list<string>
     *
     * @throws ImportException
     */
    private static function table(string $path): array
    {
        $lines = [];
        Limits::holdLines($path);
        foreach (CsvTable::open($path, ['name', 'from', 'to'], ['break'], self::named(...))->rows() as $row) {
            Limits::hold(count($lines) + 1, Bell::MOST, __('lines'));
            $row->check();
            $isBreak = in_array(mb_strtolower($row->text('break')), self::YES, true);
            $lines[] = self::line($row->text('from'), $row->text('to'), $row->text('name'), $isBreak);
        }

        return $lines;
    }

    private static function named(string $column): string
    {
        $lower = mb_strtolower($column);

        return array_keys(array_filter(self::NAMES, static fn(array $names): bool => in_array($lower, $names, true)))[0] ?? $column;
    }

    /**
     * @return list<string>
     *
     * @throws ImportException
     */
    private static function calendar(string $text, DateTimeImmutable $day): array
    {
        try {
            $calendar = Reader::read($text, Reader::OPTION_FORGIVING);
            if (!$calendar instanceof VCalendar) {
                throw new ImportException(__('This is no calendar.'));
            }
            foreach ($calendar->select('VEVENT') as $entry) {
                if ($entry instanceof VEvent && !self::isOfATimetable($entry, $day)) {
                    $calendar->remove($entry);
                }
            }
            $entries = $calendar->expand($day, $day->modify('+1 day'), $day->getTimezone())->select('VEVENT');
        } catch (ImportException $e) {
            throw $e;
        } catch (Throwable) {
            throw new ImportException(__('This calendar cannot be read.'));
        }
        Limits::hold(count($entries), Bell::MOST, __('entries on that day'));
        $lines = [];
        foreach ($entries as $entry) {
            [$from, $to] = $entry instanceof VEvent ? [self::moment($entry, 'DTSTART'), self::moment($entry, 'DTEND')] : [null, null];
            if ($from !== null && $to !== null && $entry instanceof VEvent) {
                $zone = $day->getTimezone();
                $lines[] = self::line($from->setTimezone($zone)->format('H:i'), $to->setTimezone($zone)->format('H:i'), (string) $entry->__get('SUMMARY'), false);
            }
        }

        return $lines;
    }

    /** Whole days are no bells. */
    private static function isOfATimetable(VEvent $entry, DateTimeImmutable $day): bool
    {
        $from = self::moment($entry, 'DTSTART');
        $rule = strtoupper((string) $entry->__get('RRULE'));
        preg_match('/FREQ=(\w+)/', $rule, $frequency);

        return $from !== null && ($rule === '' || in_array($frequency[1] ?? '', self::REPEATED, true) && $from > $day->modify(self::YEARS_BACK));
    }

    private static function moment(VEvent $entry, string $name): ?DateTimeImmutable
    {
        $property = $entry->__get($name);

        return $property instanceof DateTime && $property->hasTime() ? DateTimeImmutable::createFromInterface(self::first($property)) : null;
    }

    private static function first(DateTime $property): DateTimeInterface
    {
        return $property->getDateTime();
    }

    private static function line(string $from, string $to, string $name, bool $isBreak): string
    {
        return str_replace(["\n", "\r"], ' ', "{$from}-{$to} {$name}") . ($isBreak ? ' (break)' : '');
    }
}
