<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * Many sites for which the times of one event's eclipse are wanted.
 *
 * @property int $id
 * @property int $event_id
 * @property string $name
 * @property int $size
 * @property CarbonImmutable $created_at
 * @property Event $event
 */
final class SiteList extends Model
{
    use SoftDeletes;

    protected $fillable = ['event_id', 'name', 'size'];

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    /** @return HasMany<Site, $this> */
    public function sites(): HasMany
    {
        return $this->hasMany(Site::class);
    }

    public function computed(): int
    {
        return $this->sites()->whereNotNull('computed_at')->count();
    }
}
