<?php

declare(strict_types=1);

namespace App\Imports;

/** Outlines, lines and points from GeoJSON (RFC 7946), GPX 1.1 or KML 2.2. What a position or a property means is for the caller. */
final class GeoFile
{
    /** Whether a file looks like one of these, and not like a table. */
    public static function is(string $path): bool
    {
        return in_array(self::start($path), ['<', '{', '['], true);
    }

    /**
     * @return list<GeoShape> in the order of the file
     *
     * @throws ImportException when it is not well-formed, holds too much, or has a geometry of a kind that is not read
     */
    public static function read(string $path, int $mostShapes = Limits::SHAPES): array
    {
        return self::start($path) === '<' ? GeoXml::read($path, $mostShapes) : GeoJson::read($path, $mostShapes);
    }

    private static function start(string $path): string
    {
        return substr(ltrim((string) file_get_contents($path, length: 1000), "\u{FEFF} \t\r\n"), 0, 1);
    }
}
