<?php

declare(strict_types=1);

namespace App\Models\Eyewear;

use App\Models\MadeOnce;
use App\Models\PointsBack;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A lot is held, or a hold of it is lifted. The database refuses to change or delete a row.
 *
 * @property int $id
 * @property int $lot_id
 * @property int $event_id
 * @property string $why
 * @property int|null $lifts_id of the hold that it lifts
 * @property CarbonImmutable $created_at
 * @property User $maker
 */
final class LotHold extends Model
{
    use MadeOnce;
    use PointsBack;

    public const UPDATED_AT = null;

    protected $fillable = ['uuid', 'lot_id', 'event_id', 'why', 'lifts_id', 'made_by'];

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }

    /**
     * Holds that are not lifted.
     *
     * @param Builder<self> $query
     */
    public function scopeStanding(Builder $query): void
    {
        $query->whereNull('lifts_id')->notReplaced('lifts_id');
    }

    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime'];
    }
}
