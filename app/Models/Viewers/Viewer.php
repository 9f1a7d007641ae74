<?php

declare(strict_types=1);

namespace App\Models\Viewers;

use App\Models\Editable;
use App\Models\Event;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use KeenShadow\Core\Viewers\Design\Design;

/**
 * A viewer, designed for one event.
 *
 * @property int $id
 * @property int $event_id
 * @property string $name
 * @property Design $design
 * @property Event $event
 */
final class Viewer extends Model
{
    use Editable;
    use SoftDeletes;

    protected $fillable = ['uuid', 'event_id', 'name', 'design'];

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    protected function casts(): array
    {
        return ['design' => AsDesign::class];
    }
}
