<?php

declare(strict_types=1);

namespace App\Models\Day;

use App\Models\Event;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A rehearsal of an event's day. Rows are only added; one ends by an entry of its log.
 *
 * @property int $id
 * @property string $uuid
 * @property int $event_id
 * @property CarbonImmutable $from_at the moment of the day at which it begins
 * @property CarbonImmutable $begun_at when it began really
 * @property int $speed
 * @property bool $is_for_all whether all screens are asked to play along
 * @property int|null $begun_by null by a helper without an account
 * @property string $who
 */
final class Rehearsal extends Model
{
    public const FASTEST = 60;
    public const UPDATED_AT = null;

    protected $dateFormat = 'Y-m-d H:i:s.vP';

    protected $fillable = ['uuid', 'event_id', 'from_at', 'begun_at', 'speed', 'is_for_all', 'begun_by', 'who'];

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    protected function casts(): array
    {
        return ['from_at' => 'immutable_datetime', 'begun_at' => 'immutable_datetime', 'is_for_all' => 'boolean'];
    }
}
