<?php

declare(strict_types=1);

namespace App\Models\Eyewear;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Collection;
use KeenShadow\Core\Eyewear\PairFault;

/**
 * One pair, inspected once. The database refuses to change or delete a row; a correction is a new row that points to
 * the old one, and taking a check back is a row with the level "void".
 *
 * @property int $id
 * @property string $uuid
 * @property int $lot_id
 * @property int $tag
 * @property Collection<int, PairFault> $faults
 * @property string $level
 * @property int $checked_by
 * @property CarbonImmutable $checked_at
 * @property int|null $corrects_id
 * @property User $checker
 */
final class PairCheck extends Model
{
    public const VOID = 'void';

    public $timestamps = false;

    protected $fillable = ['uuid', 'lot_id', 'tag', 'faults', 'level', 'checked_by', 'checked_at', 'corrects_id'];

    /** @return BelongsTo<User, $this> */
    public function checker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'checked_by');
    }

    /**
     * The checks that count: neither corrected nor taken back.
     *
     * @param Builder<self> $query
     */
    public function scopeStanding(Builder $query): void
    {
        $query->where('level', '<>', self::VOID)
            ->whereNotExists(fn(QueryBuilder $sub) => $sub->from('pair_checks as later')->whereColumn('later.corrects_id', 'pair_checks.id'));
    }

    /** Whether another entry would say the same of the same pair, by the same checker. */
    public function saysTheSameAs(self $other): bool
    {
        $what = static fn(self $check): array => [$check->lot_id, $check->tag, $check->checked_by, $check->corrects_id, $check->faults->pluck('value')->sort()->values()->all()];

        return $what($this) === $what($other);
    }

    protected function casts(): array
    {
        return ['tag' => 'integer', 'faults' => AsEnumCollection::of(PairFault::class), 'checked_at' => 'immutable_datetime'];
    }
}
