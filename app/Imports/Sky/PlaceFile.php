<?php

declare(strict_types=1);

namespace App\Imports\Sky;

use App\Imports\CsvRow;
use App\Imports\CsvTable;
use App\Imports\GeoFile;
use App\Imports\GeoKind;
use App\Imports\GeoShape;
use App\Imports\ImportException;
use App\Imports\ImportFaults;
use App\Imports\Limits;
use App\Text\Refusals;
use KeenShadow\Core\Refusal;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Sky\SkyException;

/**
 * Places from a file somebody has: CSV (comma, semicolon or tab; decimal point or comma), GPX waypoints, KML or GeoJSON
 * points. The whole file is read and checked; either all of it comes back or the faults.
 */
final class PlaceFile
{
    private const LONGEST_NAME = 200;

    /**
     * @return list<PlaceInput>
     *
     * @throws ImportFaults with the faults by line and column
     */
    public static function read(string $path): array
    {
        try {
            [$places, $faults] = GeoFile::is($path) ? self::points(GeoFile::read($path)) : self::rows($path);
        } catch (ImportException $e) {
            throw ImportFaults::of([$e->getMessage()]);
        }
        if ($faults === [] && $places === []) {
            $faults[] = __('There are no places in the file.');
        }

        return $faults === [] ? $places : throw ImportFaults::of($faults);
    }

    /**
     * @return array{list<PlaceInput>, list<string>} places and faults
     *
     * @throws ImportException
     */
    private static function rows(string $path): array
    {
        $places = $faults = [];
        Limits::holdLines($path);
        foreach (CsvTable::open($path, ['name', 'lat', 'lon'], ['height_m'], PlaceColumns::named(...))->rows() as $row) {
            Limits::hold($row->line - 1, Limits::ROWS, __('lines'));
            try {
                $row->check();
                $places[] = self::ofRow($row);
            } catch (ImportException $e) {
                $faults[] = $e->getMessage();
            } catch (SkyException $e) {
                $faults[] = __('Line :n: :why', ['n' => $row->line, 'why' => Refusals::words($e)]);
            }
        }

        return [$places, $faults];
    }

    private static function ofRow(CsvRow $row): PlaceInput
    {
        $height = $row->numberOrNull('height_m') ?? 0.0;

        return self::place($row->text('name'), $row->number('lat'), $row->number('lon'), $height);
    }

    /**
     * @param list<GeoShape> $shapes of which only points are places
     *
     * @return array{list<PlaceInput>, list<string>} places and faults
     */
    private static function points(array $shapes): array
    {
        $places = $faults = [];
        foreach (array_values(array_filter($shapes, static fn(GeoShape $shape): bool => $shape->kind === GeoKind::Point)) as $i => $shape) {
            try {
                foreach ($shape->points() as $point) {
                    $places[] = self::place($shape->text('name'), $point->latDeg, $point->lonDeg, $point->heightM ?? 0.0);
                }
            } catch (ImportException|SkyException $e) {
                $faults[] = __('Point :n: :why', ['n' => $i + 1, 'why' => $e instanceof Refusal ? Refusals::words($e) : $e->getMessage()]);
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
