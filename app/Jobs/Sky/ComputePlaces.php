<?php

declare(strict_types=1);

namespace App\Jobs\Sky;

use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Models\Sky\ListedPlace;
use App\Models\Sky\PlaceList;
use DateTimeImmutable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use KeenShadow\Core\Sky\ContactName;

/** Computes a chunk of a list's places. It may be run again: the same numbers come out. */
final class ComputePlaces implements ShouldQueue
{
    use Queueable;

    public const CHUNK = 200;

    public int $tries = 3;
    /** Below retry_after of its connection, so that nobody takes it up twice. */
    public int $timeout = 100;
    public bool $failOnTimeout = true;

    public function __construct(
        private readonly int $placeListId,
        private readonly int $fromPosition,
    ) {}

    /** Has what is not computed yet computed, once more where it failed. */
    public static function dispatchFor(PlaceList $list): void
    {
        DB::transaction(static function () use ($list): void {
            $list->update(['failed_at' => null]);
            $missing = $list->places()->whereNull('computed_at')->orderBy('position')->get(['position']);
            foreach ($missing->map(static fn(ListedPlace $place): int => intdiv($place->position, self::CHUNK))->unique() as $chunk) {
                self::dispatch($list->id, $chunk * self::CHUNK);
            }
        });
    }

    /** For a list whose event has got another eclipse. */
    public static function recompute(PlaceList $list): void
    {
        DB::transaction(static function () use ($list): void {
            $list->places()->update(['computed_at' => null]);
            self::dispatchFor($list);
        });
    }

    public function failed(): void
    {
        PlaceList::query()->whereKey($this->placeListId)->update(['failed_at' => Date::now()]);
    }

    public function handle(Eclipses $eclipses, Gazetteer $gazetteer): void
    {
        $list = PlaceList::query()->with('event')->find($this->placeListId);
        if ($list === null) {
            return;
        }
        $eclipse = $eclipses->onDate($list->event->eclipse_date->format('Y-m-d'));
        $places = $list->places()->whereBetween('position', [$this->fromPosition, $this->fromPosition + self::CHUNK - 1])->get();
        foreach ($places as $place) {
            $c = $eclipse->circumstances($place->observer());
            $time = static fn(ContactName $name): ?DateTimeImmutable => $c->contact($name)?->time()->modify('+500 microseconds');
            $place->update([
                'timezone' => $gazetteer->around($place->lat, $place->lon)->timezone(),
                'kind' => $c->seenKind()->value,
                'c1' => $time(ContactName::C1),
                'c2' => $time(ContactName::C2),
                'max_at' => $time(ContactName::Maximum),
                'c3' => $time(ContactName::C3),
                'c4' => $time(ContactName::C4),
                'magnitude' => $c->maximum->magnitude(),
                'obscuration' => $c->maximum->obscuration(),
                'altitude_deg' => $c->maximum->altitudeDeg(),
                'azimuth_deg' => $c->maximum->azimuthDeg(),
                'duration_s' => $c->durationSeconds(),
                'is_seen' => $c->isSeen(),
                'computed_at' => Date::now(),
            ]);
        }
    }
}
