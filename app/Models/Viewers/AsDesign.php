<?php

declare(strict_types=1);

namespace App\Models\Viewers;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Contracts\Database\Eloquent\ComparesCastableAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\DesignRecord;

/**
 * A design as the JSON record that files have too. Two are the same when they read the same, in whatever order.
 *
 * @implements CastsAttributes<Design, Design>
 */
final class AsDesign implements CastsAttributes, ComparesCastableAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Design
    {
        return self::read($value);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (!$value instanceof Design) {
            throw new InvalidArgumentException('A design is a Design.');
        }

        return json_encode(DesignRecord::of($value), JSON_THROW_ON_ERROR);
    }

    public function compare(Model $model, string $key, mixed $firstValue, mixed $secondValue): bool
    {
        return is_string($firstValue) && is_string($secondValue) && self::sorted($firstValue) === self::sorted($secondValue);
    }

    /** @return array<string, bool|float|string> */
    private static function sorted(string $value): array
    {
        $record = DesignRecord::of(self::read($value));
        ksort($record);

        return $record;
    }

    private static function read(mixed $value): Design
    {
        /** @var array<string, mixed> $record */
        $record = json_decode(is_string($value) ? $value : '', true, 8, JSON_THROW_ON_ERROR);

        return DesignRecord::read($record);
    }
}
