<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder as QueryBuilder;

/**
 * Rows are only added; one takes the place of another by pointing back to it.
 *
 * @phpstan-require-extends Model
 */
trait PointsBack
{
    /**
     * Those to which no other points back.
     *
     * @param Builder<self> $query
     * @param string $by the column that points
     */
    public function scopeNotReplaced(Builder $query, string $by = 'corrects_id'): void
    {
        $table = $this->getTable();
        $query->whereNotExists(static fn(QueryBuilder $later) => $later->from("{$table} as later")->whereColumn("later.{$by}", "{$table}.id"));
    }
}
