<?php

declare(strict_types=1);

namespace App\Imports\RunSheet;

use App\Imports\CommandFile;
use App\Imports\ImportException;
use App\Imports\JsonObject;

/** A place and an eclipse as one JSON object; what its names mean core's UsualRequest says. */
final class UsualFile
{
    private const KILOBYTES = 100;

    /**
     * @return array<array-key, mixed>
     *
     * @throws ImportException
     */
    public static function read(string $path): array
    {
        return JsonObject::parse(CommandFile::text($path, self::KILOBYTES), self::KILOBYTES) ?? throw new ImportException(__('Write one JSON object with lat, lon, timezone and eclipse.'));
    }
}
