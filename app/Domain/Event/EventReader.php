<?php

declare(strict_types=1);

namespace App\Domain\Event;

use App\Domain\Kept;
use App\Domain\Site\EventPlan;
use App\Domain\Sky\Eclipses;
use App\Models\Event;
use KeenShadow\Core\Site\Skyline\OutlookSummary;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Sky\LocalEclipse;

/** The one way from an event's row to what core makes of it. */
final readonly class EventReader
{
    public function __construct(
        private Eclipses $eclipses,
        private Kept $kept,
    ) {}

    public function facts(Event $event): EventFacts
    {
        $here = $this->eclipses->at($event);

        return new EventFacts($event, $here, $this->outlook($event, $here));
    }

    /** The event's plan with the Sun over it. */
    public function site(Event $event): SunlitSite
    {
        return SunlitSite::of(EventPlan::of($event)->plan(), $this->eclipses->at($event));
    }

    /**
     * All that the site of an event depends on. A revision of an event never changes: the two numbers say as much as the
     * plan, which is large.
     *
     * @return list<mixed>
     */
    public function siteInputs(Event $event): array
    {
        return self::inputs($event, $this->eclipses->at($event));
    }

    private function outlook(Event $event, LocalEclipse $here): ?OutlookSummary
    {
        if ($event->plan_revision_id === null) {
            return null;
        }
        $rows = $this->kept->by('outlook', self::inputs($event, $here), static function () use ($event, $here): array {
            $outlook = SunlitSite::of(EventPlan::of($event->loadMissing('planRevision'))->plan(), $here)->outlook();

            return $outlook === null ? [] : OutlookSummary::of($outlook)->toArray();
        });

        return $rows === [] ? null : OutlookSummary::fromArray($rows);
    }

    /** @return list<mixed> */
    private static function inputs(Event $event, LocalEclipse $here): array
    {
        return [$event->uuid, $event->plan_revision_id, $here->eclipse->content(), $event->lat, $event->lon, $event->height_m, $event->timezone];
    }
}
