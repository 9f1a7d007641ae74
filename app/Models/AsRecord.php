<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Contracts\Database\Eloquent\ComparesCastableAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A record as core reads and writes it. Two are the same when they say the same, in whatever order.
 *
 * @implements CastsAttributes<array<string, mixed>, array<string, mixed>>
 */
final class AsRecord implements CastsAttributes, ComparesCastableAttributes
{
    /** @return array<string, mixed> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        /** @var array<string, mixed> */
        return json_decode(is_string($value) ? $value : '', true, 8, JSON_THROW_ON_ERROR);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR);
    }

    public function compare(Model $model, string $key, mixed $firstValue, mixed $secondValue): bool
    {
        return is_string($firstValue) && is_string($secondValue) && self::sorted(json_decode($firstValue, true)) === self::sorted(json_decode($secondValue, true));
    }

    private static function sorted(mixed $value): mixed
    {
        if (!is_array($value)) {
            return is_int($value) ? (float) $value : $value;
        }
        ksort($value);

        return array_map(self::sorted(...), $value);
    }
}
