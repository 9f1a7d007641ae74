<?php

declare(strict_types=1);

namespace App\Models\Viewers;

use App\Models\Editable;
use App\Models\Event;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use KeenShadow\Core\Viewers\ScreenSide;

/**
 * A box with a hole, designed for one event.
 *
 * @property int $id
 * @property int $event_id
 * @property string $name
 * @property float $distance_mm
 * @property float $hole_mm
 * @property ScreenSide $screen_side
 * @property Event $event
 */
final class Viewer extends Model
{
    use Editable;
    use SoftDeletes;

    protected $fillable = ['uuid', 'event_id', 'name', 'distance_mm', 'hole_mm', 'screen_side'];

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    protected function casts(): array
    {
        return ['distance_mm' => 'float', 'hole_mm' => 'float', 'screen_side' => ScreenSide::class];
    }
}
