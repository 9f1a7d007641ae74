<?php

declare(strict_types=1);

namespace App\Models\RunSheet;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Cues\SheetRecord;

/**
 * A run sheet as the JSON document that core's SheetRecord writes.
 *
 * @phpstan-import-type SheetRow from SheetRecord
 *
 * @implements CastsAttributes<Sheet, Sheet>
 */
final class AsSheet implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Sheet
    {
        /** @var SheetRow $document */
        $document = json_decode(is_string($value) ? $value : '', true, 16, JSON_THROW_ON_ERROR);

        $sheet = SheetRecord::read($document);
        $isEarlier = array_map(static fn(array $row): bool => !array_key_exists('needs', $row), array_column($document['cues'], null, 'id'));

        return $sheet->with(...array_values(array_map(static fn(Cue $cue): Cue => EarlierCalls::renewed($cue, $isEarlier[$cue->id] ?? false), $sheet->cues)));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value instanceof Sheet ? json_encode(SheetRecord::write($value), JSON_THROW_ON_ERROR) : throw new InvalidArgumentException('A run sheet is a Sheet.');
    }
}
