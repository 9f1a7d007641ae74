<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Domain\Sky\Eclipses;
use App\Domain\Sky\Gazetteer;
use App\Models\SiteList;
use DateTimeImmutable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Date;
use KeenShadow\Core\Sky\ContactName;

/** Computes a stretch of a list's sites. It may be run again: the same numbers come out. */
final class ComputeSites implements ShouldQueue
{
    use Queueable;

    public const STRETCH = 200;

    public int $tries = 3;

    public function __construct(
        private readonly int $siteListId,
        private readonly int $fromPosition,
    ) {}

    public static function dispatchFor(SiteList $list): void
    {
        for ($from = 0; $from < $list->size; $from += self::STRETCH) {
            self::dispatch($list->id, $from);
        }
    }

    /** For a list whose event has got another eclipse. */
    public static function recompute(SiteList $list): void
    {
        $list->sites()->update(['computed_at' => null]);
        self::dispatchFor($list);
    }

    public function handle(Eclipses $eclipses, Gazetteer $places): void
    {
        $list = SiteList::query()->with('event')->find($this->siteListId);
        if ($list === null) {
            return;
        }
        $eclipse = $eclipses->onDate($list->event->eclipse_date->format('Y-m-d'));
        $sites = $list->sites()->whereBetween('position', [$this->fromPosition, $this->fromPosition + self::STRETCH - 1])->get();
        foreach ($sites as $site) {
            $c = $eclipse->circumstances($site->observer());
            $time = static fn(ContactName $name): ?DateTimeImmutable => $c->contact($name)?->time()->modify('+500 microseconds');
            $site->update([
                'timezone' => $places->around($site->lat, $site->lon)->timezone(),
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
