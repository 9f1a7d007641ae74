<?php

declare(strict_types=1);

namespace App\Models\Eyewear;

use App\Models\Event;
use App\Models\PointsBack;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Collection;
use KeenShadow\Core\Eyewear\Occasion;
use KeenShadow\Core\Eyewear\PairFault;

/**
 * One pair, inspected once for an occasion of an event: what was seen, of which the verdict is worked out. The database
 * refuses to change or delete a row; a correction is a new row that points to the old one, and taking a check back is a void row.
 *
 * @property int $id
 * @property string $uuid
 * @property int $lot_id
 * @property int $tag
 * @property Collection<int, PairFault> $faults
 * @property bool $is_void
 * @property int $event_id
 * @property Occasion $occasion
 * @property int $checked_by
 * @property CarbonImmutable $checked_at
 * @property int|null $corrects_id
 * @property CarbonImmutable $received_at
 * @property User $checker
 * @property Lot $lot
 * @property Event $event
 */
final class PairCheck extends Model
{
    use PointsBack;

    /** Whether anything is left of what was found without that which can be put right. */
    private const DAMAGE = "faults - ?::text[] <> '[]'";

    public $timestamps = false;

    protected $fillable = ['uuid', 'lot_id', 'tag', 'faults', 'is_void', 'event_id', 'occasion', 'checked_by', 'checked_at', 'corrects_id'];

    /** @return BelongsTo<User, $this> */
    public function checker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'checked_by');
    }

    /** @return BelongsTo<Lot, $this> */
    public function lot(): BelongsTo
    {
        return $this->belongsTo(Lot::class);
    }

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    /**
     * The checks that count: neither corrected nor taken back.
     *
     * @param Builder<self> $query
     */
    public function scopeStanding(Builder $query): void
    {
        $query->where('is_void', false)->notReplaced();
    }

    /**
     * The checks that found what does not heal.
     *
     * @param Builder<self> $query
     */
    public function scopeDamaged(Builder $query): void
    {
        $query->standing()->whereRaw(self::DAMAGE, [self::passing()]);
    }

    /**
     * Of each pair the check that decides for an event: the last that found what does not heal, else the last for this event,
     * else the last. The last is the one that was looked at last: one that a device has kept for a while comes in late.
     *
     * @param Builder<self> $query
     */
    public function scopeDeciding(Builder $query, int $eventId): void
    {
        $query->standing()->selectRaw('distinct on (lot_id, tag) lot_id, tag, faults, event_id, occasion')
            ->orderBy('lot_id')->orderBy('tag')->orderByRaw(self::DAMAGE . ' desc', [self::passing()])->orderByRaw('event_id = ? desc', [$eventId])->orderByDesc('checked_at')->orderByDesc('id');
    }

    /** The faults that can be put right, as PostgreSQL writes a list. */
    private static function passing(): string
    {
        $passing = array_filter(PairFault::cases(), static fn(PairFault $f): bool => $f->canBePutRight());

        return '{' . implode(',', array_map(static fn(PairFault $f): string => $f->value, $passing)) . '}';
    }

    /** Whether it was made for an occasion of an event, or a later one of it. */
    public function countsFor(int $eventId, Occasion $occasion): bool
    {
        return $this->event_id === $eventId && $this->occasion->countsFor($occasion);
    }

    /** Whether another entry would say the same of the same pair, by the same checker. */
    public function saysTheSameAs(self $other): bool
    {
        $what = static fn(self $check): array => [$check->lot_id, $check->tag, $check->event_id, $check->occasion, $check->checked_by, $check->corrects_id, $check->faults->pluck('value')->sort()->values()->all()];

        return $what($this) === $what($other);
    }

    protected function casts(): array
    {
        return ['tag' => 'integer', 'is_void' => 'boolean', 'occasion' => Occasion::class, 'faults' => AsEnumCollection::of(PairFault::class), 'checked_at' => 'immutable_datetime', 'received_at' => 'immutable_datetime'];
    }
}
