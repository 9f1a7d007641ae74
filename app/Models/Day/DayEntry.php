<?php

declare(strict_types=1);

namespace App\Models\Day;

use App\Models\PointsBack;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use KeenShadow\Core\Day\EntryKind;

/**
 * One line of an event's log of the day, or of a rehearsal of it. The database refuses to change or delete it.
 *
 * @property int $id in the order in which they came in
 * @property string $uuid made by the device
 * @property int $event_id
 * @property int|null $rehearsal_id
 * @property EntryKind $kind
 * @property string|null $about a post, a helper or another entry
 * @property string|null $text
 * @property int|null $made_by null by a helper without an account
 * @property string $who as they are called
 * @property CarbonImmutable $made_at
 * @property int|null $clock_offset_ms by how much the device's own clock was behind
 * @property int|null $clock_uncertainty_ms null where it was never compared
 * @property string|null $observed kind of what was observed
 * @property float|null $value of it
 * @property int|null $typed_within_s how sure of its time whoever typed it was; null where a device told
 * @property int|null $corrects_id of the entry that it takes the place of
 * @property bool $is_taken_out
 * @property CarbonImmutable $received_at
 * @property Rehearsal|null $rehearsal
 */
final class DayEntry extends Model
{
    use PointsBack;

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.vP';

    protected $fillable = ['uuid', 'event_id', 'rehearsal_id', 'kind', 'about', 'text', 'made_by', 'who', 'made_at', 'clock_offset_ms', 'clock_uncertainty_ms', 'observed', 'value', 'typed_within_s', 'corrects_id', 'is_taken_out'];

    protected $attributes = ['is_taken_out' => false];

    /** @return BelongsTo<Rehearsal, $this> */
    public function rehearsal(): BelongsTo
    {
        return $this->belongsTo(Rehearsal::class, 'rehearsal_id');
    }

    /** Whether it is something that was observed or remarked; a call is what it is. */
    public function canBeCorrected(): bool
    {
        return $this->observed !== null || $this->kind === EntryKind::Note;
    }

    protected function casts(): array
    {
        return ['kind' => EntryKind::class, 'made_at' => 'immutable_datetime', 'received_at' => 'immutable_datetime', 'value' => 'float', 'is_taken_out' => 'boolean'];
    }
}
