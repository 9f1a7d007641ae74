<?php

declare(strict_types=1);

namespace App\Imports\Logbook;

use App\Imports\CsvTable;
use App\Imports\ImportException;
use App\Text\PlainText;
use KeenShadow\Core\Logbook\Quantity;

/**
 * Which columns of a logger's table are time, temperature, light and pressure, by what stands over them in the languages in which loggers
 * are sold here. Many loggers write some lines about themselves before the table.
 */
final readonly class LoggerColumns
{
    private const LINES_BEFORE = 40;
    private const LINE_BYTES = 20000;
    private const TIME = '/^(?:(?:date|datum|fecha|data)[\s_\/-]*(?:time|zeit|hora|heure|ora|uhrzeit)?|time[\s_-]*stamp|timestamp|time|zeit|uhrzeit|hora|heure|horodatage|ora|utc)\b/u';
    private const CLOCK = '/^(?:time|zeit|uhrzeit|hora|heure|ora)\b/u';
    private const DATE = '/^(?:date|datum|fecha|data)$/u';
    /** Name, unit and what one of it is in the quantity's own; the first that fits holds. */
    private const QUANTITIES = [
        [Quantity::Temperature, '/temp|celsius|fahrenheit|°\s*[cf]\b/u', ['/fahrenheit|°\s*f\b|\(f\)|\[f\]|[_\s]f$/u' => [5 / 9, -160 / 9]]],
        [Quantity::Light, '/lux|\blx\b|_lx|light|illum|licht|hellig|luz|lumi|ilumin/u', ['/klux|klx|kilolux/u' => [1000.0, 0.0]]],
        [Quantity::Pressure, '/press|baro|hpa|mbar|druck|presi|kpa|\bpa\b/u', ['/kpa/u' => [10.0, 0.0], '/inhg/u' => [33.8639, 0.0], '/hpa|mbar/u' => [1.0, 0.0], '/\bpa\b|_pa/u' => [0.01, 0.0]]],
    ];

    /**
     * @param string|null $clock column of the time of day, where the date has one of its own
     * @param array<string, array{string, float, float}> $values by Quantity: column, and what a reading is multiplied by and then shifted by
     */
    private function __construct(
        public int $linesBefore,
        public string $time,
        public ?string $clock,
        public array $values,
    ) {}

    /** @throws ImportException when no line of heads is found */
    public static function find(string $path): self
    {
        $file = fopen($path, 'r');
        $first = '';
        for ($line = 0; $file !== false && $line < self::LINES_BEFORE && ($text = fgets($file, self::LINE_BYTES)) !== false; ++$line) {
            $first = $first === '' ? trim($text) : $first;
            $found = self::in(CsvTable::heads($text), $line);
            if ($found !== null) {
                return $found;
            }
        }
        throw new ImportException($first === ''
            ? __('The file is empty.')
            : __('No line has a column of times and one of temperature, light or pressure. Name them time, temperature_c, light_lux, pressure_hpa. Found: :found', ['found' => PlainText::quoted($first)]));
    }

    /** The name of a column as it is looked for. */
    public static function named(string $head): string
    {
        return mb_strtolower(PlainText::of($head));
    }

    /** @param list<string> $heads */
    private static function in(array $heads, int $linesBefore): ?self
    {
        $heads = array_map(self::named(...), $heads);
        $times = self::like(self::TIME, $heads);
        $values = [];
        foreach (self::QUANTITIES as [$quantity, $name, $units]) {
            foreach (array_slice(self::like($name, array_values(array_diff($heads, $times))), 0, 1) as $column) {
                $values[$quantity->value] = [$column, ...self::unit($column, $units)];
            }
        }
        if ($times === [] || $values === []) {
            return null;
        }
        $clock = preg_match(self::DATE, $times[0]) === 1 ? self::like(self::CLOCK, $times)[0] ?? null : null;

        return new self($linesBefore, $times[0], $clock, $values);
    }

    /**
     * @param list<string> $heads
     *
     * @return list<string>
     */
    private static function like(string $pattern, array $heads): array
    {
        return array_values(array_filter($heads, static fn(string $head): bool => preg_match($pattern, $head) === 1));
    }

    /**
     * @param array<string, array{float, float}> $units by what a head says of them
     *
     * @return array{float, float}
     */
    private static function unit(string $column, array $units): array
    {
        foreach ($units as $pattern => $unit) {
            if (preg_match($pattern, $column) === 1) {
                return $unit;
            }
        }

        return [1.0, 0.0];
    }
}
