<?php

declare(strict_types=1);

namespace App\Models\Logbook;

use App\Models\Editable;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection as Items;
use KeenShadow\Core\Logbook\Eyes\EyeSign;
use KeenShadow\Core\Logbook\Eyes\WhichEye;
use KeenShadow\Core\Logbook\HowLooked;

/**
 * What somebody says of their eyes after an eclipse. For organisers alone; deleted on its day.
 *
 * @property int $id
 * @property string $uuid
 * @property int $event_id
 * @property string $called a word by which the organiser knows who it is; no name
 * @property CarbonImmutable $told_at
 * @property Items<int, EyeSign> $signs
 * @property string $other in words
 * @property WhichEye $eye
 * @property string $since as it was said
 * @property HowLooked $method
 * @property string $looked for how long and how often, as it was said
 * @property CarbonImmutable|null $looked_at
 * @property int|null $lot_id
 * @property int|null $tag
 * @property CarbonImmutable|null $closed_at
 * @property string|null $closed_how
 * @property CarbonImmutable $delete_on
 * @property Lot|null $lot
 * @property Event $event
 * @property Collection<int, EyeReminder> $reminders
 */
final class EyeReport extends Model
{
    use Editable;

    protected $dateFormat = 'Y-m-d H:i:sP';

    protected $fillable = ['uuid', 'event_id', 'called', 'told_at', 'signs', 'other', 'eye', 'since', 'method', 'looked', 'looked_at', 'lot_id', 'tag', 'made_by', 'closed_at', 'closed_how', 'delete_on'];

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** @return BelongsTo<Event, $this> also of an event that was removed */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class)->withTrashed();
    }

    /** @return HasMany<EyeReminder, $this> */
    public function reminders(): HasMany
    {
        return $this->hasMany(EyeReminder::class)->orderBy('hours');
    }

    protected function casts(): array
    {
        return [
            'told_at' => 'immutable_datetime', 'looked_at' => 'immutable_datetime', 'closed_at' => 'immutable_datetime', 'delete_on' => 'immutable_date:Y-m-d',
            'signs' => AsEnumCollection::of(EyeSign::class), 'eye' => WhichEye::class, 'method' => HowLooked::class,
        ];
    }
}
