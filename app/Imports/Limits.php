<?php

declare(strict_types=1);

namespace App\Imports;

/**
 * What a file that is sent may hold, whatever its format; told while it is read, before it costs anything. The web
 * server's own limits (deploy/) stand behind: 6 MB a request, 192 MB of memory, 20 seconds.
 */
final class Limits
{
    public const KILOBYTES = 5120;
    /** Outlines, lines and points; of a plan fewer. */
    public const SHAPES = 20000;
    /** Corners of all of them. */
    public const POINTS = 50000;
    /** Lines of a table. */
    public const ROWS = 20000;
    public const LINE_BYTES = 20000;
    public const CELL_BYTES = 2000;
    /** Elements of an XML file, brackets of a JSON file. */
    public const PARTS = 250000;

    /** @throws ImportException when the number of what has been read is above the most */
    public static function hold(int $count, int $most, string $what): void
    {
        if ($count > $most) {
            throw new ImportException(__('There are more than :most :what in the file.', ['most' => $most, 'what' => $what]));
        }
    }

    /** @throws ImportException when a line of a table is longer than any table's */
    public static function holdLines(string $path): void
    {
        $file = fopen($path, 'r');
        for ($line = 1; $file !== false && ($text = fgets($file, self::LINE_BYTES + 2)) !== false; ++$line) {
            if (strlen($text) > self::LINE_BYTES) {
                throw new ImportException(__('Line :n is longer than :most bytes: is this a table of places?', ['n' => $line, 'most' => self::LINE_BYTES]));
            }
        }
    }
}
