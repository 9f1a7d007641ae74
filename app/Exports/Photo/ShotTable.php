<?php

declare(strict_types=1);

namespace App\Exports\Photo;

use App\Exports\CsvLine;
use App\Models\Photo\PhotoPlan;
use App\Text\Clock;
use App\Text\Iso;
use KeenShadow\Core\Photo\Kit\KitRecord;
use KeenShadow\Core\Photo\PlannedShot;
use KeenShadow\Core\Photo\Programme\CameraPlan;
use KeenShadow\Core\Photo\Programme\PartialPicture;
use KeenShadow\Core\Photo\Programme\ProgrammeRecord;
use KeenShadow\Core\Photo\ShotList;
use KeenShadow\Core\Photo\ShutterStep;
use KeenShadow\Core\Time\JulianDate;

/** What a camera takes, as rows: CSV, or JSON that the command line reads as a plan. See docs/FORMATS.md. */
final class ShotTable
{
    public const KEYS = ['list', 'number', 'what', 'begins', 'local', 'since_filters_off_s', 'shutter', 'exposure_s', 'frames', 'iso', 'f_number', 'filter'];
    private const DAY_S = 86400;
    private const MICRONS = 1000;

    public static function csv(CameraPlan $plan, Clock $clock): string
    {
        return CsvLine::of(self::KEYS) . implode('', array_map(static fn(array $row): string => CsvLine::of(array_values($row)), self::rows($plan, $clock)));
    }

    public static function json(PhotoPlan $row, CameraPlan $plan, Clock $clock): string
    {
        $outfit = $plan->outfit;
        $free = $outfit->free($plan->programme);
        $shots = [];
        foreach ($plan->totality->shots as $planned) {
            foreach ($planned->wish->shots as $shot) {
                $shots[] = ['q' => $shot->q, 'frames' => $shot->frames, 'write_s' => $shot->writeS];
            }
        }

        return json_encode([
            'name' => $row->name,
            'event' => $row->event->title,
            'zone' => $row->event->timezone,
            'focal_mm' => $outfit->optics->focalMm,
            'f_number' => $free->fNumber,
            'iso' => $free->iso,
            'pixel_um' => round($outfit->camera->sensor->pixelMm * self::MICRONS, 6),
            'sensor_mm' => [$outfit->camera->sensor->widthMm, $outfit->camera->sensor->heightMm],
            'filter_od' => $outfit->filter?->density()->value,
            'sun_diameter_arcmin' => $plan->seen->sunArcmin(),
            'totality_s' => $plan->freeS() ?? 0.0,
            'shots' => $shots,
            'filters_off' => self::instant($plan->totality->offUt),
            'filters_on' => self::instant($plan->totality->onUt),
            'rows' => self::rows($plan, $clock),
            'kit' => array_map(static fn(object $item): array => KitRecord::write($item), array_filter(['camera' => $outfit->camera, 'optics' => $outfit->camera->isPhone() ? null : $outfit->optics, 'filter' => $outfit->filter, 'mount' => $outfit->mount])),
            'programme' => ProgrammeRecord::write($plan->programme),
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) . "\n";
    }

    /** @return list<array<string, string|int|float|null>> the partial phases, then totality, then totality under clouds */
    public static function rows(CameraPlan $plan, Clock $clock): array
    {
        $filtered = $plan->outfit->filtered($plan->programme);
        $rows = array_map(static fn(PartialPicture $picture, int $i): array => array_combine(self::KEYS, [
            'partial', $i + 1, 'partial', self::instant($picture->julianDateUt), $clock->second(JulianDate::toDateTime($picture->julianDateUt)), null,
            $picture->exposure->step->name, $picture->exposure->step->seconds, 1, $filtered->iso, round($filtered->fNumber, 3), 'on',
        ]), $plan->partial, array_keys($plan->partial));

        return [...$rows, ...self::listed('totality', $plan, $plan->totality, $clock), ...self::listed('clouded', $plan, $plan->clouded, $clock)];
    }

    /** @return list<array<string, string|int|float|null>> a row for each exposure, with the time at which its wish begins */
    private static function listed(string $name, CameraPlan $plan, ShotList $list, Clock $clock): array
    {
        $free = $plan->outfit->free($plan->programme);
        $rows = [];
        foreach ($list->shots as $i => $planned) {
            foreach ($planned->wish->shots as $shot) {
                $step = ShutterStep::nearest($free->seconds($shot->q));
                $rows[] = array_combine(self::KEYS, [
                    $name, $i + 1, $planned->wish->name, self::instant($planned->fromUt), $clock->second(JulianDate::toDateTime($planned->fromUt)), self::since($planned, $list),
                    $step->name, $step->seconds, $shot->frames, $free->iso, $free->fNumber, 'off',
                ]);
            }
        }

        return $rows;
    }

    private static function since(PlannedShot $planned, ShotList $list): float
    {
        return round(($planned->fromUt - (float) $list->offUt) * self::DAY_S, 1);
    }

    private static function instant(?float $julianDateUt): ?string
    {
        return $julianDateUt === null ? null : Iso::instant(JulianDate::toDateTime($julianDateUt));
    }
}
