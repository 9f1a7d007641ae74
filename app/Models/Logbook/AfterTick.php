<?php

declare(strict_types=1);

namespace App\Models\Logbook;

use Illuminate\Database\Eloquent\Model;

/**
 * Something that is done after an event, or what became of a viewer.
 *
 * @property int $event_id
 * @property string $item a task, or "viewer-7"
 * @property string $state done, kept or taken_apart
 */
final class AfterTick extends Model
{
    public $timestamps = false;

    protected $fillable = ['event_id', 'item', 'state', 'ticked_by'];

    /** @return array<string, string> states by item */
    public static function of(int $eventId): array
    {
        /** @var array<string, string> */
        return self::query()->where('event_id', $eventId)->pluck('state', 'item')->all();
    }
}
