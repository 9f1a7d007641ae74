<?php

declare(strict_types=1);

namespace App\Imports;

/** What a command is told to read. */
final class CommandFile
{
    /**
     * @param string $path - is standard input
     *
     * @param int<1, max> $kilobytes
     *
     * @return string one byte more than may be, where there is more
     *
     * @throws ImportException
     */
    public static function text(string $path, int $kilobytes): string
    {
        $text = @file_get_contents($path === '-' ? 'php://stdin' : $path, length: 1024 * $kilobytes + 1);

        return $text === false ? throw new ImportException(__('The file :path cannot be read.', ['path' => $path])) : $text;
    }
}
