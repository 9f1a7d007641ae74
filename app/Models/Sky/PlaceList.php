<?php

declare(strict_types=1);

namespace App\Models\Sky;

use App\Models\Event;
use App\Models\MadeOnce;
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
 * @property string|null $content SHA-256 of the places, by which the same file is known again
 * @property CarbonImmutable|null $failed_at when computing them was given up
 * @property CarbonImmutable $created_at
 * @property Event $event
 */
final class PlaceList extends Model
{
    use MadeOnce;
    use SoftDeletes;

    protected $fillable = ['uuid', 'event_id', 'name', 'size', 'content', 'failed_at'];

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

    protected function casts(): array
    {
        return ['failed_at' => 'immutable_datetime'];
    }
}
