<?php

declare(strict_types=1);

namespace App\Exports\Event;

use App\Exports\Sky\PlacesTable;
use App\Models\Sky\BundledFile;
use App\Models\Sky\PlaceBundle;
use Illuminate\Support\Str;
use KeenShadow\Core\Sky\SolarEclipse;
use RuntimeException;
use ZipArchive;

/** What was made for many places as one ZIP: a table of all times, and a folder for each place. */
final class BundleZip
{
    /** So many places wait in memory to be written. */
    private const AT_ONCE = 50;

    /**
     * @return string path of a file that whoever sends it removes
     *
     * @throws RuntimeException where the disk takes no more
     */
    public static function file(PlaceBundle $bundle, SolarEclipse $eclipse): string
    {
        $path = tempnam(sys_get_temp_dir(), 'sheets');
        $zip = new ZipArchive();
        if ($path === false || $zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('no file for the sheets');
        }
        $zip->addFromString('times.csv', implode('', [...PlacesTable::lines($bundle->placeList, $eclipse)]));
        $files = $bundle->files();
        foreach ($bundle->places()->orderBy('position')->get() as $i => $place) {
            /** @var \stdClass&object{position: int, name: string} $place */
            self::addPlace($zip, $bundle, $place->position, self::folder($bundle, $place->position, $place->name), $files[$place->position] ?? []);
            if ($i % self::AT_ONCE === self::AT_ONCE - 1 && !($zip->close() && $zip->open($path) === true)) {
                throw new RuntimeException('no room for the sheets');
            }
        }

        return $zip->close() ? $path : throw new RuntimeException('no room for the sheets');
    }

    /** A number first: places of one name, or of a name that no file may have, stay apart. */
    private static function folder(PlaceBundle $bundle, int $position, string $name): string
    {
        $digits = strlen((string) $bundle->size);

        return sprintf("%0{$digits}d-%s", $position + 1, rtrim('place-' . Str::limit(Str::slug($name), 60, ''), '-'));
    }

    /** @param list<BundledFile> $files that are made of it */
    private static function addPlace(ZipArchive $zip, PlaceBundle $bundle, int $position, string $folder, array $files): void
    {
        foreach ($files as $file) {
            $name = "{$folder}/{$file->value}";
            $zip->addFromString($name, (string) $bundle->content($position, $file));
            if ($file !== BundledFile::Calendar) {
                // It is compressed already.
                $zip->setCompressionName($name, ZipArchive::CM_STORE);
            }
        }
    }
}
