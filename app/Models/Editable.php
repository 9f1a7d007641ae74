<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * A record that people fill in by a form: made once, and changed only by who has seen it as it is. The database counts
 * the versions.
 *
 * @property int $version
 *
 * @phpstan-require-extends Model
 */
trait Editable
{
    use MadeOnce;

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
        }, 3);
    }
}
