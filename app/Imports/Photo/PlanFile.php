<?php

declare(strict_types=1);

namespace App\Imports\Photo;

use App\Imports\CommandFile;
use App\Imports\ImportException;
use App\Imports\JsonObject;

/** A plan of photographs as one JSON object; what its names mean core's PlanRecord says. */
final class PlanFile
{
    private const KILOBYTES = 1000;

    /**
     * @param string $path - is standard input
     *
     * @return array<array-key, mixed>
     *
     * @throws ImportException
     */
    public static function read(string $path): array
    {
        return JsonObject::parse(CommandFile::text($path, self::KILOBYTES), self::KILOBYTES) ?? throw new ImportException(__('This is no plan: write one JSON object.'));
    }
}
