<?php

declare(strict_types=1);

namespace App\Models\Viewers;

use App\Models\Editable;
use App\Models\Event;
use App\Text\FreeName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use KeenShadow\Core\Viewers\Design\Design;

/**
 * A viewer, designed for one event.
 *
 * @property int $id
 * @property int $event_id
 * @property string $name
 * @property Design $design
 * @property int $wanted how many are to be built for the event
 * @property int $built how many are
 * @property Event $event
 */
final class Viewer extends Model
{
    use Editable;
    use SoftDeletes;

    public const LONGEST_NAME = 80;

    protected $fillable = ['uuid', 'event_id', 'name', 'design'];

    /**
     * A viewer that comes in, or is copied: called as it is wanted, with a number where the event has one of that name.
     *
     * @param string $uuid of the form that makes it
     */
    public static function madeAs(string $uuid, Event $event, string $name, Design $design): self
    {
        $made = self::query()->where('uuid', $uuid)->where('event_id', $event->id)->first();
        if ($made !== null) {
            return $made;
        }
        $taken = array_values($event->viewers()->get()->map(static fn(self $viewer): string => $viewer->name)->all());

        return self::makeOnce($uuid, ['event_id' => $event->id, 'name' => FreeName::of($name, $taken, self::LONGEST_NAME), 'design' => $design]);
    }

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    /** @return HasMany<ViewerTrial, $this> */
    public function viewerTrials(): HasMany
    {
        return $this->hasMany(ViewerTrial::class);
    }

    protected function casts(): array
    {
        return ['design' => AsDesign::class];
    }
}
