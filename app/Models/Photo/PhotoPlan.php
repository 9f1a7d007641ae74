<?php

declare(strict_types=1);

namespace App\Models\Photo;

use App\Models\AsRecord;
use App\Models\Editable;
use App\Models\Event;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use KeenShadow\Core\Photo\Programme\Programme;
use KeenShadow\Core\Photo\Programme\ProgrammeRecord;

/**
 * What one camera is to do at an event. Kit that was removed since stays with it.
 *
 * @property int $id
 * @property int $event_id
 * @property string $name
 * @property int $camera_id
 * @property int|null $optics_id null of a phone
 * @property int|null $filter_id
 * @property int|null $mount_id null in the hand
 * @property array<string, mixed> $programme the record that files have too
 * @property Event $event
 * @property KitItem $camera
 * @property KitItem|null $optics
 * @property KitItem|null $filter
 * @property KitItem|null $mount
 */
final class PhotoPlan extends Model
{
    use Editable;
    use SoftDeletes;

    public const KIT = ['camera', 'optics', 'filter', 'mount'];

    protected $fillable = ['uuid', 'event_id', 'name', 'camera_id', 'optics_id', 'filter_id', 'mount_id', 'programme'];

    /** @return HasMany<self, Event> those of an event with their kit, by name */
    public static function of(Event $event): HasMany
    {
        return $event->photoPlans()->with(['event', ...array_map(static fn(string $part): string => "{$part}.lastCheck", self::KIT)])->orderBy('name');
    }

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    /** @return BelongsTo<KitItem, $this> */
    public function camera(): BelongsTo
    {
        return $this->belongsTo(KitItem::class, 'camera_id')->withTrashed();
    }

    /** @return BelongsTo<KitItem, $this> */
    public function optics(): BelongsTo
    {
        return $this->belongsTo(KitItem::class, 'optics_id')->withTrashed();
    }

    /** @return BelongsTo<KitItem, $this> */
    public function filter(): BelongsTo
    {
        return $this->belongsTo(KitItem::class, 'filter_id')->withTrashed();
    }

    /** @return BelongsTo<KitItem, $this> */
    public function mount(): BelongsTo
    {
        return $this->belongsTo(KitItem::class, 'mount_id')->withTrashed();
    }

    /** @return list<KitItem> what there is of it */
    public function kit(): array
    {
        return array_values(array_filter([$this->camera, $this->optics, $this->filter, $this->mount], static fn(?KitItem $item): bool => $item !== null));
    }

    public function read(): Programme
    {
        return ProgrammeRecord::read($this->programme);
    }

    protected function casts(): array
    {
        return ['programme' => AsRecord::class];
    }
}
