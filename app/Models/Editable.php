<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * A record that people fill in by a form: made once however often the form is sent, and changed only by who has seen it
 * as it is. The database counts the versions.
 *
 * @property string $uuid of the form that made it
 * @property int $version
 *
 * @phpstan-require-extends Model
 */
trait Editable
{
    /**
     * Makes the row, or finds the one that the same form made when it was sent before.
     *
     * @param string $uuid of the form
     * @param array<string, mixed> $fields
     *
     * @throws EditConflict when that one says something else
     */
    public static function makeOnce(string $uuid, array $fields): self
    {
        try {
            return DB::transaction(static fn(): self => self::query()->create(['uuid' => $uuid] + $fields));
        } catch (UniqueConstraintViolationException $e) {
            $made = self::query()->where('uuid', $uuid)->first() ?? throw $e;

            return $made->fill($fields)->isClean() ? $made : throw EditConflict::madeAlready();
        }
    }

    /**
     * Changes the row, unless somebody else did since the form was made; the same once more is no conflict.
     *
     * @param int $version that the form was made from
     * @param array<string, mixed> $fields
     *
     * @return self as it is now
     *
     * @throws EditConflict
     */
    public function changeFrom(int $version, array $fields): self
    {
        return DB::transaction(function () use ($version, $fields): self {
            $row = self::query()->lockForUpdate()->whereKey($this->getKey())->firstOrFail()->fill($fields);
            if ($row->isDirty() && $row->version !== $version) {
                throw EditConflict::changedMeanwhile();
            }
            $row->save();

            return $row;
        });
    }
}
