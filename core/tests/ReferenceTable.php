<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests;

/** Reads a CSV file that another program or a publication stands behind. */
final class ReferenceTable
{
    /** @return list<array<string, string>> */
    public static function read(string $path): array
    {
        $file = fopen($path, 'r');
        $columns = $file === false ? false : fgetcsv($file, escape: '');
        if ($file === false || $columns === false) {
            throw new \RuntimeException("No table in {$path}");
        }
        $rows = [];
        while (($cells = fgetcsv($file, escape: '')) !== false) {
            $row = [];
            foreach ($columns as $i => $column) {
                $row[(string) $column] = (string) $cells[$i];
            }
            $rows[] = $row;
        }

        return $rows;
    }
}
