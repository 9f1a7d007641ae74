<?php

declare(strict_types=1);

namespace App\Exports\Logbook;

use App\Text\Clock;
use App\Text\LogbookWords;
use KeenShadow\Core\Logbook\Temperature\Drop;

/** A drop of temperature as JSON; see docs/FORMATS.md. */
final class DropRecord
{
    public const KEYS = ['drop_k', 'drop_uncertainty_k', 'minimum_at', 'lag_s', 'baseline', 'verdict', 'why'];

    /** @return array<string, mixed> by KEYS; null is not known */
    public static function of(Drop $drop): array
    {
        return [
            'drop_k' => self::rounded($drop->dropK, 3),
            'drop_uncertainty_k' => self::rounded($drop->uncertaintyK, 3),
            'minimum_at' => $drop->minimumAtS === null ? null : Clock::ofMs(1000 * (int) round($drop->minimumAtS))->format('Y-m-d\TH:i:s\Z'),
            'lag_s' => self::rounded($drop->lagS, 0),
            'baseline' => ['before_min' => round($drop->beforeMin, 1), 'after_min' => round($drop->afterMin, 1), 'rms_k' => self::rounded($drop->rmsK, 3)],
            'verdict' => $drop->worth()->value,
            'why' => LogbookWords::why($drop),
        ];
    }

    private static function rounded(?float $value, int $digits): ?float
    {
        return $value === null ? null : round($value, $digits);
    }
}
