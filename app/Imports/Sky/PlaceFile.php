<?php

declare(strict_types=1);

namespace App\Imports\Sky;

use App\Imports\CsvTable;
use App\Imports\Documents;
use App\Imports\ImportException;
use App\Imports\ImportFaults;
use App\Text\Refusals;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SkyException;

/**
 * Places from a file somebody has: CSV (comma, semicolon or tab; decimal point or comma), GPX waypoints, KML or GeoJSON
 * points. The whole file is read and checked; either all of it comes back or the faults.
 */
final class PlaceFile
{
    public const MOST_PLACES = 20000;
    private const MOST_FAULTS = 20;
    private const LONGEST_NAME = 200;

    /**
     * @return list<PlaceInput>
     *
     * @throws ImportFaults with every fault found, up to twenty, by line and column
     */
    public static function read(string $path): array
    {
        $start = ltrim((string) file_get_contents($path, length: 1000), "\u{FEFF} \t\r\n");

        $found = match (true) {
            str_starts_with($start, '<') => self::xml($path),
            str_starts_with($start, '{') => self::geoJson($path),
            default => self::csv($path),
        };
        [$places, $faults] = $found;
        if ($faults === [] && $places === []) {
            $faults[] = __('There are no places in the file.');
        }
        if (count($places) > self::MOST_PLACES) {
            $faults[] = __('There are more than :most places in the file; split it.', ['most' => self::MOST_PLACES]);
        }

        return $faults === [] ? $places : throw new ImportFaults(array_slice($faults, 0, self::MOST_FAULTS), count($faults));
    }

    /** @return array{list<PlaceInput>, list<string>} */
    private static function csv(string $path): array
    {
        try {
            $table = CsvTable::open($path, ['name', 'lat', 'lon'], ['height_m'], PlaceColumns::named(...));
        } catch (ImportException $e) {
            return [[], [$e->getMessage()]];
        }
        $places = $faults = [];
        foreach ($table->rows() as $row) {
            try {
                $row->check();
                $height = $row->numberOrNull('height_m') ?? 0.0;
                $places[] = self::place($row->text('name'), $row->number('lat'), $row->number('lon'), $height);
            } catch (ImportException $e) {
                $faults[] = $e->getMessage();
            } catch (SkyException $e) {
                $faults[] = __('Line :n: :why', ['n' => $row->line, 'why' => Refusals::words($e)]);
            }
        }

        return [$places, $faults];
    }

    /** @return array{list<PlaceInput>, list<string>} GPX waypoints or KML points */
    private static function xml(string $path): array
    {
        try {
            $xml = Documents::xml($path);
        } catch (ImportException $e) {
            return [[], [$e->getMessage()]];
        }
        $points = [];
        foreach ($xml->xpath('//*[local-name()="wpt"]') ?? [] as $wpt) {
            $points[] = [Documents::child($wpt, 'name'), (string) $wpt['lat'], (string) $wpt['lon'], Documents::child($wpt, 'ele')];
        }
        foreach ($xml->xpath('//*[local-name()="Placemark"][.//*[local-name()="Point"]]') ?? [] as $placemark) {
            $coordinates = array_map(strval(...), $placemark->xpath('.//*[local-name()="Point"]/*[local-name()="coordinates"]') ?? []);
            $parts = array_pad(explode(',', trim($coordinates[0] ?? '')), 3, '');
            $points[] = [Documents::child($placemark, 'name'), $parts[1], $parts[0], $parts[2]];
        }

        return self::points($points);
    }

    /** @return array{list<PlaceInput>, list<string>} */
    private static function geoJson(string $path): array
    {
        try {
            $features = Documents::geoJson($path);
        } catch (ImportException $e) {
            return [[], [$e->getMessage()]];
        }
        $points = [];
        foreach ($features as ['geometry' => $geometry, 'properties' => $properties]) {
            if (($geometry['type'] ?? '') === 'Point' && is_array($geometry['coordinates'] ?? null)) {
                $name = $properties['name'] ?? '';
                $c = array_map(static fn(mixed $v): string => is_scalar($v) ? (string) $v : '', array_pad(array_values($geometry['coordinates']), 3, ''));
                $points[] = [is_scalar($name) ? (string) $name : '', $c[1], $c[0], $c[2]];
            }
        }

        return self::points($points);
    }

    /**
     * @param list<array{string, string, string, string}> $points name, latitude, longitude, height
     *
     * @return array{list<PlaceInput>, list<string>}
     */
    private static function points(array $points): array
    {
        $places = $faults = [];
        foreach ($points as $i => [$name, $lat, $lon, $height]) {
            $number = $i + 1;
            if (!is_numeric($lat) || !is_numeric($lon)) {
                $faults[] = __('Point :n: its place is no pair of numbers.', ['n' => $number]);
                continue;
            }
            try {
                $places[] = self::place($name, (float) $lat, (float) $lon, is_numeric($height) ? (float) $height : 0.0);
            } catch (SkyException $e) {
                $faults[] = __('Point :n: :why', ['n' => $number, 'why' => Refusals::words($e)]);
            }
        }

        return [$places, $faults];
    }

    /** @throws SkyException when the place is not on the Earth */
    private static function place(string $name, float $lat, float $lon, float $height): PlaceInput
    {
        Observer::at($lat, $lon, $height);
        if ($lon > 180) {
            $lon -= 360;
        }

        return new PlaceInput(mb_substr($name === '' ? sprintf('%.4f, %.4f', $lat, $lon) : $name, 0, self::LONGEST_NAME), $lat, $lon, $height);
    }
}
