<?php

declare(strict_types=1);

namespace App\Models\Site;

use App\Models\Event;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeenShadow\Core\Site\Plan\SitePlan;

/**
 * One state of an event's site plan; never changed, never deleted.
 *
 * @property int $id
 * @property int $event_id
 * @property int|null $parent_id the revision it was made from
 * @property int|null $made_by
 * @property User|null $maker
 * @property SitePlan $plan
 * @property CarbonImmutable $created_at
 */
final class PlanRevision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['event_id', 'parent_id', 'made_by', 'plan'];

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }

    protected function casts(): array
    {
        return ['plan' => AsSitePlan::class, 'created_at' => 'immutable_datetime'];
    }
}
