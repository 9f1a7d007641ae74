<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Models\Event;
use App\Pages\Sky\LocalEclipse;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Site\Plan\Facade;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\Skyline\SpotOutlook;
use KeenShadow\Core\Sky\SunTrack;

/** An event's site: its plan and the Sun over it, for the ribbon's span and for the eclipse alone; the one way from the models to the core for every page about the site. */
final class EventSite
{
    /** What a plan starts with: paced out rather than taped. */
    private const FIRST_ACCURACY_M = 0.5;

    /** @var array<string, SpotOutlook> by place: ribbon, table and look ask for the same */
    private array $outlooks = [];

    private function __construct(
        public readonly Event $event,
        public readonly LocalEclipse $here,
        public readonly SitePlan $plan,
        public readonly SunTrack $track,
        public readonly SunTrack $eclipseTrack,
    ) {}

    public static function of(Event $event, LocalEclipse $here): self
    {
        return new self(
            $event,
            $here,
            $event->planRevision->plan ?? self::emptyPlan(),
            SunTrack::over($here->eclipse, $here->observer, $here->spanBegins(), $here->spanEnds()),
            SunTrack::over($here->eclipse, $here->observer, $here->begins(), $here->ends()),
        );
    }

    public static function emptyPlan(): SitePlan
    {
        return SitePlan::of([], HorizonProfile::level(), self::FIRST_ACCURACY_M);
    }

    /** Where the people who watch stand; the first of several. Without one, the event's own place. */
    public function mainPlace(): Thing
    {
        foreach ([ThingKind::Audience, ThingKind::Telescope] as $kind) {
            foreach ($this->plan->places() as $place) {
                if ($place->kind === $kind) {
                    return $place;
                }
            }
        }

        return $this->plan->places()[0] ?? Thing::of(ThingKind::Audience, __('the event\'s place'), [new PlanPoint(0, 0)]);
    }

    /** The place of a name, or the main one. */
    public function place(?string $name): Thing
    {
        $thing = $name === null ? null : $this->plan->named($name);

        return $thing !== null && $thing->kind->isPlace() ? $thing : $this->mainPlace();
    }

    /** What to do with filters where the people who watch stand. */
    public function filters(): Filters
    {
        return $this->here->filters($this->outlook()->hiddenUt ?? []);
    }

    /** The look from there; null while nothing is drawn. */
    public function outlook(): ?SpotOutlook
    {
        return $this->plan->things === [] && $this->plan->horizon->points === [] ? null : $this->outlookFrom($this->mainPlace());
    }

    public function outlookFrom(Thing $place): SpotOutlook
    {
        // A screen hangs on its wall: the Sun is looked for from just before it.
        $wall = $place->kind === ThingKind::Screen ? Facade::at($place->at(), $this->plan) : null;
        $at = $wall === null ? $place->at() : $wall->before($place->at());

        return $this->outlooks["{$at->eastM} {$at->northM} {$place->heightM}"]
            ??= SpotOutlook::from($at, $place->heightM, $this->plan, $this->track, $this->here->circumstances);
    }
}
