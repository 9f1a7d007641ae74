<?php

declare(strict_types=1);

namespace App\Imports\RunSheet;

use App\Imports\CommandFile;
use App\Imports\ImportException;

/** A rotation's problem as one JSON object; what its names mean core's ProblemRecord says. */
final class ProblemFile
{
    private const KILOBYTES = 1000;
    private const DEPTH = 8;

    /**
     * @return array<array-key, mixed>
     *
     * @throws ImportException
     */
    public static function read(string $path): array
    {
        $text = CommandFile::text($path, self::KILOBYTES);
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        // As an array `{}` and `[]` are the same.
        $given = strlen($text) <= 1024 * self::KILOBYTES && str_starts_with(ltrim($text), '{') ? json_decode($text, true, self::DEPTH) : null;

        return is_array($given) ? $given : throw new ImportException(__('This is no problem of a rotation: write one JSON object.'));
    }
}
