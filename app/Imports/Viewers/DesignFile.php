<?php

declare(strict_types=1);

namespace App\Imports\Viewers;

use App\Imports\CommandFile;
use App\Imports\ImportException;
use stdClass;

/** A design as one JSON object; what its names mean core's DesignRecord says. */
final class DesignFile
{
    public const KILOBYTES = 100;
    private const DEPTH = 8;

    /**
     * @param string $path - is standard input
     *
     * @return array<array-key, mixed>
     *
     * @throws ImportException
     */
    public static function read(string $path): array
    {
        return self::parse(CommandFile::text($path, self::KILOBYTES));
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws ImportException
     */
    public static function parse(string $text): array
    {
        $given = strlen($text) > 1024 * self::KILOBYTES ? null : json_decode((string) preg_replace('/^\xEF\xBB\xBF/', '', $text), false, self::DEPTH);

        return $given instanceof stdClass ? (array) $given : throw new ImportException(__('This is no design: write one JSON object.'));
    }
}
