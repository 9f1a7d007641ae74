<?php

declare(strict_types=1);

namespace App\Models\RunSheet;

use App\Models\Event;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One stretch of one helper at one post: what the run sheet says, as moments. The database refuses two at once.
 *
 * @property int $id
 * @property int $event_id
 * @property int $organisation_id
 * @property int $helper_id
 * @property string $post number of the post on the run sheet
 * @property string $station
 * @property Event $event
 * @property Helper $helper
 */
final class Duty extends Model
{
    public $timestamps = false;

    protected $fillable = ['event_id', 'organisation_id', 'helper_id', 'post', 'station', 'during'];

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    /** @return BelongsTo<Helper, $this> */
    public function helper(): BelongsTo
    {
        return $this->belongsTo(Helper::class);
    }
}
