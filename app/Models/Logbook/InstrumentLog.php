<?php

declare(strict_types=1);

namespace App\Models\Logbook;

use App\Models\MadeOnce;
use App\Models\PointsBack;
use App\Models\StoredFile;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeenShadow\Core\Logbook\DateOrder;
use KeenShadow\Core\Logbook\Light\Sensor;

/**
 * What an instrument logged at an event, and how its file is to be read. The database refuses to change or delete it; read anew it is another
 * row that points to it.
 *
 * @property int $id
 * @property int $event_id
 * @property string $name
 * @property string $stood where it stood; blank where nobody said
 * @property string $sha256 of the file, packed
 * @property string $zone of times that have none of their own
 * @property DateOrder|null $date_order null where the year comes first
 * @property int $ahead_s by how much its clock was ahead
 * @property Sensor $sensor how a light meter was held
 * @property int|null $corrects_id
 * @property bool $is_taken_out
 * @property int $made_by
 * @property CarbonImmutable $created_at
 * @property StoredFile $stored
 * @property User $maker
 */
final class InstrumentLog extends Model
{
    use MadeOnce;
    use PointsBack;

    public const UPDATED_AT = null;

    public const MOST_OF_AN_EVENT = 12;

    protected $fillable = ['uuid', 'event_id', 'name', 'stood', 'sha256', 'zone', 'date_order', 'ahead_s', 'sensor', 'corrects_id', 'is_taken_out', 'made_by'];

    protected $attributes = ['is_taken_out' => false];

    /** @return BelongsTo<StoredFile, $this> */
    public function stored(): BelongsTo
    {
        return $this->belongsTo(StoredFile::class, 'sha256', 'sha256');
    }

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }

    /** @return Builder<self> those of an event that nothing has taken the place of, in the order in which they came */
    public static function standing(int $eventId): Builder
    {
        return self::query()->where('event_id', $eventId)->where('is_taken_out', false)->notReplaced()->orderBy('id');
    }

    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime', 'date_order' => DateOrder::class, 'sensor' => Sensor::class, 'is_taken_out' => 'boolean', 'ahead_s' => 'integer'];
    }
}
