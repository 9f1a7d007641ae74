<?php

declare(strict_types=1);

namespace App\Models\RunSheet;

use App\Models\Event;
use App\Models\MadeOnce;
use App\Models\Sky\PlaceList;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Run sheets of one event for all places of a list.
 *
 * @property int $id
 * @property int $event_id
 * @property int $place_list_id
 * @property string $paper
 * @property int $size how many places
 * @property int $sequence of the event when they were asked for
 * @property CarbonImmutable|null $failed_at when making them was given up
 * @property CarbonImmutable $created_at
 * @property Event $event
 * @property PlaceList $placeList
 */
final class SheetBundle extends Model
{
    use MadeOnce;

    public const UPDATED_AT = null;

    protected $fillable = ['uuid', 'event_id', 'place_list_id', 'paper', 'size', 'sequence', 'made_by', 'failed_at'];

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    /** @return BelongsTo<PlaceList, $this> */
    public function placeList(): BelongsTo
    {
        return $this->belongsTo(PlaceList::class);
    }

    /** Sheets that are made; they are large, and read one by one. */
    public function sheets(): Builder
    {
        return DB::table('bundled_sheets')->where('sheet_bundle_id', $this->id);
    }

    public function made(): int
    {
        return $this->sheets()->count();
    }

    protected function casts(): array
    {
        return ['failed_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
    }
}
