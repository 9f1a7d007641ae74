<?php

declare(strict_types=1);

namespace App\Imports\Site;

use App\Imports\CsvRow;
use App\Imports\CsvTable;
use App\Imports\ImportException;
use App\Imports\ImportFaults;
use App\Imports\Limits;
use App\Text\Refusals;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\SiteException;

/** A far horizon from a CSV file with the columns azimuth and altitude (or azimuth_deg and altitude_deg), in degrees. */
final class HorizonFile
{
    /** @throws ImportFaults */
    public static function read(string $path): HorizonProfile
    {
        $points = $faults = [];
        foreach (self::rows($path) as $row) {
            try {
                $row->check();
                $end = isset($row->cells['azimuth']) ? '' : '_deg';
                $points[] = [$row->number("azimuth{$end}"), $row->number("altitude{$end}")];
            } catch (ImportException $e) {
                $faults[] = $e->getMessage();
            }
        }
        if ($points === [] && $faults === []) {
            $faults[] = __('There are no points in the file.');
        }
        if ($faults !== []) {
            throw ImportFaults::of($faults);
        }
        try {
            return HorizonProfile::of($points);
        } catch (SiteException $e) {
            throw ImportFaults::of([Refusals::words($e)]);
        }
    }

    /**
     * @return list<CsvRow>
     *
     * @throws ImportFaults
     */
    private static function rows(string $path): array
    {
        try {
            Limits::holdLines($path);
            $rows = [];
            foreach (self::open($path)->rows() as $row) {
                Limits::hold(count($rows), HorizonProfile::MOST_POINTS, __('points'));
                $rows[] = $row;
            }

            return $rows;
        } catch (ImportException $e) {
            throw ImportFaults::of([$e->getMessage()]);
        }
    }

    private static function open(string $path): CsvTable
    {
        try {
            return CsvTable::open($path, ['azimuth_deg', 'altitude_deg'], []);
        } catch (ImportException) {
            return CsvTable::open($path, ['azimuth', 'altitude'], []);
        }
    }
}
