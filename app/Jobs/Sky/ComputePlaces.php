<?php

declare(strict_types=1);

namespace App\Jobs\Sky;

use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Models\Sky\PlaceList;
use DateTimeImmutable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Date;
use KeenShadow\Core\Sky\ContactName;

/** Computes a chunk of a list's places. It may be run again: the same numbers come out. */
final class ComputePlaces implements ShouldQueue
{
    use Queueable;

    public const CHUNK = 200;

    public int $tries = 3;

    public function __construct(
        private readonly int $placeListId,
        private readonly int $fromPosition,
    ) {}

    public static function dispatchFor(PlaceList $list): void
    {
        for ($from = 0; $from < $list->size; $from += self::CHUNK) {
            self::dispatch($list->id, $from);
        }
    }

    /** For a list whose event has got another eclipse. */
    public static function recompute(PlaceList $list): void
    {
        $list->places()->update(['computed_at' => null]);
        self::dispatchFor($list);
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
