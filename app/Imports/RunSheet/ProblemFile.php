<?php

declare(strict_types=1);

namespace App\Imports\RunSheet;

use App\Imports\CommandFile;
use App\Imports\ImportException;
use App\Imports\JsonObject;

/** A rotation's problem as one JSON object; what its names mean core's ProblemRecord says. */
final class ProblemFile
{
    private const KILOBYTES = 1000;

    /**
     * @return array<array-key, mixed>
     *
     * @throws ImportException
     */
    public static function read(string $path): array
    {
        return JsonObject::parse(CommandFile::text($path, self::KILOBYTES), self::KILOBYTES) ?? throw new ImportException(__('This is no problem of a rotation: write one JSON object.'));
    }
}
