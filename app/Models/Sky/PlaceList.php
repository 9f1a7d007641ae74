<?php

declare(strict_types=1);

namespace App\Models\Sky;

use App\Models\Event;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * Many places for which the times of one event's eclipse are wanted.
 *
 * @property int $id
 * @property int $event_id
 * @property string $name
 * @property int $size
 * @property CarbonImmutable $created_at
 * @property Event $event
 */
final class PlaceList extends Model
{
    use SoftDeletes;

    protected $fillable = ['event_id', 'name', 'size'];

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    /** @return HasMany<ListedPlace, $this> */
    public function places(): HasMany
    {
        return $this->hasMany(ListedPlace::class);
    }

    public function computed(): int
    {
        return $this->places()->whereNotNull('computed_at')->count();
    }
}
