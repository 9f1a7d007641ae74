<?php

declare(strict_types=1);

namespace App\Models\Eyewear;

use App\Models\Audience\AudienceGroup;
use App\Models\PointsBack;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeenShadow\Core\Eyewear\StockMove;

/**
 * Pairs of a lot that went out, came back, were lost or destroyed at an event. The database refuses to change or delete a row; one
 * that was wrong is taken back by a void row that points to it.
 *
 * @property int $id
 * @property string $uuid
 * @property int $event_id
 * @property int $lot_id
 * @property StockMove $what
 * @property int $pairs
 * @property int|null $group_id
 * @property int|null $tag of one that was destroyed
 * @property string|null $how it was destroyed
 * @property bool $is_void
 * @property CarbonImmutable $moved_at
 * @property Lot $lot
 * @property User $mover
 * @property AudienceGroup|null $group
 */
final class StockEntry extends Model
{
    use PointsBack;

    public $timestamps = false;

    protected $table = 'stock_moves';

    protected $fillable = ['uuid', 'event_id', 'lot_id', 'what', 'pairs', 'group_id', 'tag', 'how', 'is_void', 'corrects_id', 'moved_by', 'moved_at'];

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** @return BelongsTo<User, $this> */
    public function mover(): BelongsTo
    {
        return $this->belongsTo(User::class, 'moved_by');
    }

    /** @return BelongsTo<AudienceGroup, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(AudienceGroup::class, 'group_id')->withTrashed();
    }

    /**
     * Those that count: not taken back.
     *
     * @param Builder<self> $query
     */
    public function scopeStanding(Builder $query): void
    {
        $query->where('is_void', false)->notReplaced();
    }

    /** Whether another entry says the same. */
    public function saysTheSameAs(self $other): bool
    {
        $what = static fn(self $entry): array => [$entry->event_id, $entry->lot_id, $entry->what, $entry->pairs, $entry->group_id, $entry->tag, $entry->how];

        return $what($this) === $what($other);
    }

    protected function casts(): array
    {
        return ['what' => StockMove::class, 'pairs' => 'integer', 'tag' => 'integer', 'is_void' => 'boolean', 'moved_at' => 'immutable_datetime'];
    }
}
