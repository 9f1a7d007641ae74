<?php

declare(strict_types=1);

namespace App\Models\Eyewear;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeenShadow\Core\Eyewear\Occasion;

/**
 * Tags of a lot that one checker looks over: the database lets no tag lie on two trays at once.
 *
 * @property int $id
 * @property string $uuid made by the device
 * @property int $lot_id
 * @property int $event_id
 * @property Occasion $occasion
 * @property int $checker_id
 * @property string $tags as PostgreSQL writes a range, [from,to)
 * @property CarbonImmutable $seen_at when its device was last heard of
 * @property CarbonImmutable|null $released_at
 * @property User $checker
 */
final class Tray extends Model
{
    public $timestamps = false;

    protected $fillable = ['uuid', 'lot_id', 'event_id', 'occasion', 'checker_id', 'tags', 'taken_at', 'seen_at', 'released_at'];

    /** @return BelongsTo<User, $this> */
    public function checker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'checker_id');
    }

    /**
     * Those that are held for an occasion of an event.
     *
     * @param Builder<self> $query
     */
    public function scopeHeld(Builder $query, Lot $lot, int $eventId, Occasion $occasion): void
    {
        $query->where(['lot_id' => $lot->id, 'event_id' => $eventId, 'occasion' => $occasion->value])->whereNull('released_at');
    }

    /** @return array{int, int} the first tag and the last */
    public function bounds(): array
    {
        [$from, $end] = array_map(intval(...), explode(',', trim($this->tags, '[)')));

        return [$from, $end - 1];
    }

    protected function casts(): array
    {
        return ['occasion' => Occasion::class, 'seen_at' => 'immutable_datetime', 'released_at' => 'immutable_datetime'];
    }
}
