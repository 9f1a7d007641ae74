<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * A record that a form makes once, however often it is sent.
 *
 * @property string $uuid of the form that made it
 *
 * @phpstan-require-extends Model
 */
trait MadeOnce
{
    /**
     * Makes the row, or finds the one that the same form made when it was sent before.
     *
     * @param string $uuid of the form
     * @param array<string, mixed> $fields
     *
     * @throws EditConflict when that one says something else, or was removed
     */
    public static function makeOnce(string $uuid, array $fields): self
    {
        try {
            return DB::transaction(static fn(): self => self::query()->create(['uuid' => $uuid] + $fields));
        } catch (UniqueConstraintViolationException $e) {
            $made = self::query()->withoutGlobalScope(SoftDeletingScope::class)->where('uuid', $uuid)->first() ?? throw $e;
            $isStillThere = self::query()->whereKey($made->getKey())->exists();

            return $isStillThere && $made->fill($fields)->isClean() ? $made : throw EditConflict::madeAlready();
        }
    }
}
