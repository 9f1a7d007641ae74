<?php

declare(strict_types=1);

namespace App\Exports\RunSheet;

use App\Exports\Sky\PlacesTable;
use App\Models\RunSheet\SheetBundle;
use Illuminate\Support\Str;
use KeenShadow\Core\Sky\SolarEclipse;
use RuntimeException;
use ZipArchive;

/** Sheets of many places as one ZIP: a table of all times, and for each place its sheet and its calendar. */
final class BundleZip
{
    /**
     * @return string path of a file that whoever sends it removes
     *
     * @throws RuntimeException where the disk takes no more
     */
    public static function file(SheetBundle $bundle, SolarEclipse $eclipse): string
    {
        $path = tempnam(sys_get_temp_dir(), 'sheets');
        $zip = new ZipArchive();
        if ($path === false || $zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('no file for the sheets');
        }
        $zip->addFromString('times.csv', implode('', [...PlacesTable::lines($bundle->placeList, $eclipse)]));
        $digits = strlen((string) $bundle->size);
        foreach ($bundle->sheets()->selectRaw("position, name, encode(pdf, 'base64') as pdf, calendar")->orderBy('position')->lazy(50) as $sheet) {
            /** @var \stdClass&object{position: int, name: string, pdf: string, calendar: string} $sheet */
            $name = sprintf("%0{$digits}d-%s", $sheet->position + 1, rtrim('place-' . Str::limit(Str::slug($sheet->name), 60, ''), '-'));
            $zip->addFromString("{$name}/run-sheet.pdf", (string) base64_decode($sheet->pdf, true));
            // It is compressed already.
            $zip->setCompressionName("{$name}/run-sheet.pdf", ZipArchive::CM_STORE);
            $zip->addFromString("{$name}/run-sheet.ics", $sheet->calendar);
        }

        return $zip->close() ? $path : throw new RuntimeException('no room for the sheets');
    }
}
