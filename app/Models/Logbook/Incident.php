<?php

declare(strict_types=1);

namespace App\Models\Logbook;

use App\Models\Eyewear\Lot;
use App\Models\MadeOnce;
use App\Models\PointsBack;
use App\Models\User;
use App\Models\Viewers\Viewer;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeenShadow\Core\Logbook\HowLooked;

/**
 * What went wrong. The database refuses to change or delete it; a correction is a row that points to it.
 *
 * @property int $id
 * @property int $event_id
 * @property CarbonImmutable $happened_at
 * @property int $within_s how sure that is
 * @property string $what
 * @property string $place
 * @property string $done
 * @property string $seen_by
 * @property HowLooked $method
 * @property int|null $lot_id
 * @property int|null $tag
 * @property int|null $viewer_id
 * @property string $instrument blank where it was none
 * @property int|null $corrects_id
 * @property bool $is_taken_out
 * @property CarbonImmutable $created_at
 * @property Lot|null $lot
 * @property Viewer|null $viewer
 * @property User $maker
 */
final class Incident extends Model
{
    use MadeOnce;
    use PointsBack;

    public const UPDATED_AT = null;

    protected $dateFormat = 'Y-m-d H:i:sP';

    protected $fillable = ['uuid', 'event_id', 'happened_at', 'within_s', 'what', 'place', 'done', 'seen_by', 'method', 'lot_id', 'tag', 'viewer_id', 'instrument', 'corrects_id', 'is_taken_out', 'made_by'];

    protected $attributes = ['is_taken_out' => false];

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** @return BelongsTo<Viewer, $this> also one that was removed since */
    public function viewer(): BelongsTo
    {
        return $this->belongsTo(Viewer::class)->withTrashed();
    }

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }

    /** @return Builder<self> those of an event that nothing has taken the place of, in order of time */
    public static function standing(int $eventId): Builder
    {
        return self::query()->where('event_id', $eventId)->where('is_taken_out', false)->notReplaced()->orderBy('happened_at')->orderBy('id');
    }

    /** @return Builder<self> those of an event that were corrected or taken out, as they were, in order of time */
    public static function replaced(int $eventId): Builder
    {
        return self::query()->where('event_id', $eventId)->whereIn('id', self::query()->select('corrects_id')->where('event_id', $eventId)->whereNotNull('corrects_id'))->orderBy('happened_at')->orderBy('id');
    }

    public function isSuperseded(): bool
    {
        return $this->is_taken_out || self::query()->where('corrects_id', $this->id)->exists();
    }

    protected function casts(): array
    {
        return ['happened_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime', 'method' => HowLooked::class, 'is_taken_out' => 'boolean'];
    }
}
