<?php

declare(strict_types=1);

namespace App\Models\Sky;

/** What is made for each of many places. */
enum BundleKind: string
{
    case Sheets = 'sheets';
    /** For a district's teachers: the run sheet, and what is handed out besides. */
    case Kit = 'kit';

    /** @return list<BundledFile> of one place */
    public function files(): array
    {
        return match ($this) {
            self::Sheets => [BundledFile::Sheet, BundledFile::Calendar],
            self::Kit => BundledFile::cases(),
        };
    }

    /** @return list<string> by their words */
    public function papers(): array
    {
        return $this === self::Kit ? ['a4', 'letter'] : ['a4', 'a3', 'letter'];
    }

    /** More places are made from a list cut in two. */
    public function mostPlaces(): int
    {
        return match ($this) {
            self::Sheets => 1000,
            self::Kit => 200,
        };
    }
}
