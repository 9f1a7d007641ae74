<?php

declare(strict_types=1);

namespace App\Models\Sky;

use App\Models\Event;
use App\Models\MadeOnce;
use App\Models\Training\QueueCard;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Run sheets, or teachers' kits, of one event for all places of a list.
 *
 * @property int $id
 * @property int $event_id
 * @property int $place_list_id
 * @property BundleKind $kind
 * @property string $paper
 * @property int $size how many places
 * @property int $sequence of the event when they were asked for
 * @property string $version of the program then, as Kept has it
 * @property CarbonImmutable|null $failed_at when making them was given up
 * @property CarbonImmutable $created_at
 * @property Event $event
 * @property PlaceList $placeList
 */
final class PlaceBundle extends Model
{
    use MadeOnce;

    public const UPDATED_AT = null;

    protected $fillable = ['uuid', 'event_id', 'place_list_id', 'kind', 'paper', 'size', 'sequence', 'version', 'made_by', 'failed_at'];

    /** @return BelongsTo<Event, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(Event::class);
    }

    /** @return BelongsTo<PlaceList, $this> removed since or not: what was made of it stands */
    public function placeList(): BelongsTo
    {
        return $this->belongsTo(PlaceList::class)->withTrashed();
    }

    /**
     * Whether something that is printed has changed since they were asked for.
     *
     * @param string $version of the program, with its rules and words
     */
    public function isOld(Event $event, string $version): bool
    {
        return $this->version !== $version || $this->sequence !== $event->sequence || ($this->kind === BundleKind::Kit && QueueCard::ofOrganisation($event->organisation_id)->withTrashed()->where('updated_at', '>', $this->created_at)->exists());
    }

    /** Places that are made: position and name. */
    public function places(): Builder
    {
        return DB::table('bundled_places')->where('place_bundle_id', $this->id);
    }

    /** @return array<int, list<BundledFile>> that are made, in their order, by the place's position */
    public function files(): array
    {
        $made = [];
        foreach (DB::table('bundled_files')->where('place_bundle_id', $this->id)->select('position', 'file')->get() as $row) {
            /** @var \stdClass&object{position: int, file: string} $row */
            $made[$row->position][] = $row->file;
        }

        return array_map(fn(array $names): array => array_values(array_filter($this->kind->files(), static fn(BundledFile $file): bool => in_array($file->value, $names, true))), $made);
    }

    /** @return string|null null where it is not made */
    public function content(int $position, BundledFile $file): ?string
    {
        $content = DB::table('bundled_files')->where('place_bundle_id', $this->id)->where('position', $position)->where('file', $file->value)->selectRaw("encode(content, 'base64') as content")->value('content');

        return is_string($content) ? (string) base64_decode($content, true) : null;
    }

    public function made(): int
    {
        return $this->places()->count();
    }

    protected function casts(): array
    {
        return ['kind' => BundleKind::class, 'failed_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
    }
}
