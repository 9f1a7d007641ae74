<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

/** What a helper is trained for. */
enum Training: string
{
    /** Looks over glasses and watches how people look through them. */
    case Glasses = 'glasses';
    /** Points, caps and minds a telescope or a binocular, with a filter or projecting. */
    case Instrument = 'instrument';
    /** Minds sunlight that a mirror throws. */
    case Beam = 'beam';

    /** @return list<self> what each helper at the station of a method must be trained for */
    public static function for(string $method): array
    {
        return match ($method) {
            'glasses', 'banner' => [self::Glasses],
            'projection', 'telescope' => [self::Instrument],
            'mirror' => [self::Beam],
            default => [],
        };
    }
}
