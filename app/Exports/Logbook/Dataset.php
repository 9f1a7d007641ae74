<?php

declare(strict_types=1);

namespace App\Exports\Logbook;

use App\Domain\Logbook\LoggedDay;
use App\Domain\Logbook\Measured;
use App\Exports\CsvLine;
use App\Models\Event;
use App\Text\Clock;
use App\Text\Iso;
use DateTimeImmutable;
use KeenShadow\Core\Logbook\Quantity;
use KeenShadow\Core\Logbook\Rounding;
use KeenShadow\Core\Logbook\Series;
use KeenShadow\Core\Sky\LocalEclipse;

/**
 * What was measured, for others: a table and a description of it (a data package after the Frictionless specification, version 1; from memory). Numbers
 * only: no names, no words of anybody, no names that people gave their instruments; the place, and the sky that would tell it,
 * as exactly as the organiser chooses.
 */
final readonly class Dataset
{
    public const KEYS = ['time', 'quantity', 'value', 'unit', 'source', 'time_within_s', 'obscuration', 'sun_altitude_deg', 'lat', 'lon'];
    private const MINUTE_S = 60.0;

    /** Of observations that are numbers: what they are called there, and their unit. */
    private const BY_HAND = [
        'temperature' => ['air_temperature', 'degC'], 'light' => ['illuminance', 'lx'], 'wind' => ['wind_force', 'Beaufort'], 'cloud' => ['cloud_cover', 'okta'], 'bead' => ['ultraviolet_bead_faded', 'number'], 'visitors' => ['visitors', '1'],
    ];
    private const BY_LOGGER = ['temperature' => ['air_temperature', 'degC'], 'light' => ['illuminance', 'lx'], 'pressure' => ['air_pressure', 'hPa']];

    /**
     * @param LocalEclipse $there as it is seen from the rounded place
     * @param list<Measured> $instruments
     */
    public function __construct(
        private Event $event,
        private LocalEclipse $there,
        private LoggedDay $day,
        private array $instruments,
        private Rounding $rounding,
        private Licence $licence,
        private bool $isNamed,
    ) {}

    /** In order of time. */
    public function csv(): string
    {
        $rows = $this->byHand();
        foreach ($this->instruments as $i => $measured) {
            foreach ($measured->curves as $quantity => $series) {
                array_push($rows, ...$this->byLogger($series->medians(self::MINUTE_S), Quantity::from($quantity), 'logger ' . ($i + 1)));
            }
        }
        usort($rows, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return CsvLine::of(self::KEYS) . implode('', array_map(CsvLine::of(...), $rows));
    }

    public function json(): string
    {
        $iso = static fn(DateTimeImmutable $at): string => Iso::instant($at);
        $contacts = [];
        foreach ($this->there->circumstances->contacts() as $contact) {
            $contacts[$contact->name->value] = $iso($contact->time());
        }

        return json_encode([
            'profile' => 'tabular-data-package',
            'name' => "solar-eclipse-{$this->event->eclipse_date->format('Y-m-d')}-observations",
            'title' => "Observations of the solar eclipse of {$this->event->eclipse_date->format('Y-m-d')}",
            'licenses' => [['name' => $this->licence->value, 'path' => $this->licence->url()]],
            'contributors' => $this->isNamed ? [['title' => (string) $this->event->organisation?->name, 'role' => 'contributor']] : [],
            'place' => ['lat' => $this->rounding->of($this->event->lat), 'lon' => $this->rounding->of($this->event->lon), 'rounded_to_deg' => 10 ** -$this->rounding->decimals()],
            'eclipse' => ['kind_there' => $this->there->circumstances->kind->value, 'contacts' => $contacts],
            'method' => 'Times in UTC. Loggers: medians of a minute at the mean of their times, clock offsets taken off. By hand: read and written down by observers; time_within_s says how sure the time is. Obscuration (fraction of the Sun\'s area) and altitude (true, degrees) are computed for the rounded place at sea level, as are the contacts: where it was measured they differ a little.',
            'instruments' => array_map(static fn(Measured $m, int $i): array => ['source' => 'logger ' . ($i + 1), 'quantities' => array_map(static fn(string $q): string => self::BY_LOGGER[$q][0], array_keys($m->curves)), 'readings' => $m->readings, 'light_sensor' => isset($m->curves['light']) ? $m->log->sensor->value : null], $this->instruments, array_keys($this->instruments)),
            'resources' => [['name' => 'observations', 'path' => 'observations.csv', 'format' => 'csv', 'mediatype' => 'text/csv', 'encoding' => 'utf-8', 'dialect' => ['delimiter' => ',', 'lineTerminator' => "\r\n"], 'schema' => ['fields' => self::fields()]]],
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE) . "\n";
    }

    /** @return list<list<string|int|float|null>> */
    private function byHand(): array
    {
        $rows = [];
        foreach ($this->day->standing as $record) {
            $named = self::BY_HAND[$record->observed ?? ''] ?? null;
            if ($named !== null && $record->value !== null) {
                $rows[] = $this->row($record->at, $named, $record->value, 'by hand', $record->withinS);
            }
        }

        return $rows;
    }

    /** @return list<list<string|int|float|null>> */
    private function byLogger(Series $series, Quantity $quantity, string $source): array
    {
        return array_map(fn(float $atS, float $value): array => $this->row(Clock::ofMs((int) round(1000 * $atS)), self::BY_LOGGER[$quantity->value], round($value, 3), $source, null), $series->atS, $series->values);
    }

    /**
     * @param array{string, string} $named quantity and unit
     *
     * @return list<string|int|float|null>
     */
    private function row(DateTimeImmutable $at, array $named, float $value, string $source, ?float $withinS): array
    {
        $view = $this->there->at($at);

        return [Iso::instant($at), $named[0], $value, $named[1], $source, $withinS, round($view->obscuration(), 4), round($view->altitudeDeg(), 2), $this->rounding->of($this->event->lat), $this->rounding->of($this->event->lon)];
    }

    /** @return list<array{name: string, type: string, description: string}> */
    private static function fields(): array
    {
        return array_map(static fn(string $key): array => ['name' => $key, 'type' => in_array($key, ['time', 'quantity', 'unit', 'source'], true) ? ($key === 'time' ? 'datetime' : 'string') : 'number', 'description' => match ($key) {
            'time' => 'UTC, ISO 8601',
            'quantity' => 'what was measured: ' . implode(', ', array_unique(array_column([...array_values(self::BY_HAND), ...array_values(self::BY_LOGGER)], 0))),
            'value' => 'in the unit beside it',
            'unit' => 'degC, lx, hPa, Beaufort, okta (eighths of the sky), number of the bead, or 1',
            'source' => 'by hand, or which logger',
            'time_within_s' => 'how sure the time is, in seconds; blank where it is not known',
            'obscuration' => 'fraction of the Sun\'s area covered at that moment, at the rounded place',
            'sun_altitude_deg' => 'true altitude of the Sun at the rounded place',
            'lat' => 'north positive, rounded',
            default => 'east positive, rounded',
        }], self::KEYS);
    }
}
