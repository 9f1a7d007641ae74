<?php

declare(strict_types=1);

namespace App\Console\Commands\Sky;

use App\Imports\CsvRow;
use App\Imports\ImportException;
use App\Text\Iso;
use DateTimeImmutable;
use KeenShadow\Core\Sky\EclipseSearch;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\HorizonCrossing;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SunPath;
use KeenShadow\Core\Time\DeltaT;
use KeenShadow\Core\Time\JulianDate;

/** Sunrise, sunset and the Sun's place for a table of sites, as JSON Lines; needs no database. See docs/FORMATS.md. */
final class SkySun extends TableCommand
{
    protected $signature = 'sky:sun
        {sites : CSV file with the columns date,lat,lon,height_m and optionally name,time; - reads standard input}';

    protected $description = 'Sunrise, sunset, altitude and azimuth of the Sun at many sites, as JSON Lines';

    private Ephemeris $ephemeris;

    protected function optionalColumns(): array
    {
        return ['name', 'time'];
    }

    protected function prepare(): void
    {
        $this->ephemeris = new Ephemeris();
    }

    protected function record(CsvRow $row): array
    {
        $day = EclipseSearch::day($row->text('date'));
        $observer = Observer::at($row->number('lat'), $row->number('lon'), $row->number('height_m'));
        $path = SunPath::over($day, $day->modify('+1 day'), $observer, DeltaT::atJulianDate(JulianDate::fromDateTime($day)), $this->ephemeris);
        $record = [
            'name' => $row->text('name') === '' ? null : $row->text('name'),
            'date' => $day->format('Y-m-d'),
            'lat' => $observer->latDeg,
            'lon' => $observer->lonDeg,
            'height_m' => $observer->heightM,
            'sunrise' => self::first($path, true),
            'sunset' => self::first($path, false),
        ];
        $time = $row->text('time');
        if ($time === '') {
            return $record;
        }
        $julianDate = JulianDate::fromDateTime($this->moment($row, $day, $time));
        $altitude = $path->altitudeDeg($julianDate);

        return $record + [
            'time' => $time,
            'altitude_deg' => round($altitude, 4),
            'apparent_altitude_deg' => round(Horizon::apparentAltitudeDeg($altitude), 4),
            'azimuth_deg' => round($path->azimuthDeg($julianDate), 4),
        ];
    }

    /** The first sunrise or sunset of the UTC day, null where there is none. */
    private static function first(SunPath $path, bool $isRise): ?string
    {
        $found = array_filter($path->crossings(), static fn(HorizonCrossing $crossing): bool => $crossing->isRise === $isRise);

        return $found === [] ? null : Iso::instant(reset($found)->time);
    }

    /** HH:MM or HH:MM:SS in UTC. */
    private function moment(CsvRow $row, DateTimeImmutable $day, string $time): DateTimeImmutable
    {
        if (preg_match('/^([01]\d|2[0-3]):([0-5]\d)(?::([0-5]\d))?$/', $time, $parts) !== 1) {
            throw new ImportException(__('Line :n, column time: ":time" is not a time written as HH:MM or HH:MM:SS (UTC).', ['n' => $row->line, 'time' => $time]));
        }

        return $day->setTime((int) $parts[1], (int) $parts[2], (int) ($parts[3] ?? 0));
    }
}
