<?php

declare(strict_types=1);

namespace App\Imports\Viewers;

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
        $text = @file_get_contents($path === '-' ? 'php://stdin' : $path, length: 1024 * self::KILOBYTES + 1);
        if ($text === false) {
            throw new ImportException(__('The file :path cannot be read.', ['path' => $path]));
        }

        return self::parse($text);
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
