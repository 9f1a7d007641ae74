<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Site\Plan\Facade;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\SunTrack;

/** A site with the Sun over it: its plan, and the Sun's track for a while around the eclipse and for the eclipse alone. */
final class SunlitSite
{
    /** @var array<string, SpotOutlook> by place: ribbon, table and view ask for the same */
    private array $outlooks = [];

    private function __construct(
        public readonly SitePlan $plan,
        public readonly LocalEclipse $here,
        public readonly SunTrack $track,
        public readonly SunTrack $eclipseTrack,
    ) {}

    public static function of(SitePlan $plan, LocalEclipse $here): self
    {
        return new self(
            $plan,
            $here,
            SunTrack::over($here->eclipse, $here->observer, $here->spanBegins(), $here->spanEnds()),
            SunTrack::over($here->eclipse, $here->observer, $here->begins(), $here->ends()),
        );
    }

    /** Where the people who watch stand; the first of several. Without one, the origin of the plan, which has no name. */
    public function mainPlace(): Thing
    {
        foreach ([ThingKind::Audience, ThingKind::Telescope] as $kind) {
            foreach ($this->plan->places() as $place) {
                if ($place->kind === $kind) {
                    return $place;
                }
            }
        }

        return $this->plan->places()[0] ?? Thing::of(ThingKind::Audience, '', [new PlanPoint(0, 0)]);
    }

    /** Whether the ground where people stand takes an image of the Sun as it is; null where none is drawn. */
    public function groundTakesAnImage(): ?bool
    {
        return $this->plan->groundUnder($this->mainPlace()->at())?->kind->takesAnImage();
    }

    /** Whether some screen on the plan stands in the shade all the time; null where none is drawn. */
    public function hasShadedScreen(): ?bool
    {
        $screens = array_values(array_filter($this->plan->places(), static fn(Thing $place): bool => $place->kind === ThingKind::Screen));
        foreach ($screens as $screen) {
            if ($this->outlookFrom($screen)->shadeVerdict()->level === Level::Yes) {
                return true;
            }
        }

        return $screens === [] ? null : false;
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
        return Filters::forPlace($this->here, $this->outlook()->hidden ?? []);
    }

    /** The outlook from there; null while nothing is drawn. */
    public function outlook(): ?SpotOutlook
    {
        return $this->plan->isEmpty() ? null : $this->outlookFrom($this->mainPlace());
    }

    /** What bounds the sky for eyes at a place, in some directions. */
    public function skylineFrom(Thing $place, AzimuthSpan $within): Skyline
    {
        return Skyline::from($place->at(), $place->heightM, $this->plan->obstacles(), $this->plan->horizon, 0.0, $within);
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
