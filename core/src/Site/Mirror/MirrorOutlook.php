<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Mirror;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Site\Plan\Facade;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\SiteSubject;
use KeenShadow\Core\Site\Skyline\DiscVisibility;
use KeenShadow\Core\Site\Skyline\Skyline;
use KeenShadow\Core\Site\Skyline\SpotOutlook;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Sky\SunTrack;

/** A flat mirror and the screen that it throws the Sun on: how it is turned, what its light meets, and what speaks against it. */
final readonly class MirrorOutlook
{
    /** Nearer together than this they are one place. */
    private const LEAST_THROW_M = 0.1;

    public Beam $beam;
    /** The wall that carries the screen; without one the screen is taken to face the mirror. */
    public ?Facade $wall;
    public float $wallBearingDeg;

    private function __construct(
        public Thing $mirror,
        public Thing $screen,
        private SitePlan $plan,
        private SunTrack $track,
    ) {
        $this->beam = new Beam($mirror->at(), $mirror->heightM, $screen->at(), $screen->heightM);
        $this->wall = Facade::at($screen->at(), $plan);
        $this->wallBearingDeg = $this->wall->bearingDeg ?? $screen->at()->bearingDeg($mirror->at());
    }

    /** @return self|null null when both stand in one place */
    public static function of(Thing $mirror, Thing $screen, SitePlan $plan, SunTrack $track): ?self
    {
        return $mirror->at()->distanceM($screen->at()) < self::LEAST_THROW_M ? null : new self($mirror, $screen, $plan, $track);
    }

    public function aimed(SunPosition $sun): FlatMirror
    {
        return FlatMirror::aimed($sun, $this->track, $this->mirror, $this->screen, $this->wallBearingDeg);
    }

    /** @param SpotOutlook $atScreen how the screen itself stands to the Sun */
    public function verdict(SunPosition $sun, SpotOutlook $atScreen): Verdict
    {
        $findings = [];
        $skyline = Skyline::over($this->plan, $this->mirror->at(), $this->mirror->heightM);
        if ($skyline->visibilityOf($sun) !== DiscVisibility::Clear) {
            $findings[] = new Finding(Level::No, 'At this time :name stands between the Sun and the mirror.', 'Move the mirror, or choose another time.', Source::Plan, ['name' => $skyline->boundBefore($sun)]);
        }
        $blocked = $this->beam->blockedBy($this->plan);
        if ($blocked !== null) {
            $findings[] = new Finding(Level::No, ':name stands in the beam\'s way.', 'Move the mirror or the screen, or set one of them higher.', Source::Plan, ['name' => $blocked->name]);
        }
        if ($this->isBehindTheWall()) {
            $findings[] = new Finding(Level::No, 'The mirror lies behind the wall that carries the screen.', 'Put it, or the screen, on the other side.', Source::Plan);
        }
        if ($this->aimed($sun)->isGrazing()) {
            $findings[] = new Finding(Level::Hold, 'The light only grazes the glass: the mirror must be long and true.', 'Bring the mirror more between the Sun\'s side and the wall.', Source::Plan);
        }
        $passes = $this->beam->passes($this->plan);
        if ($passes !== []) {
            $findings[] = new Finding(Level::Hold, 'The beam goes by :names.', 'Move the mirror, or keep people and windows out of it: reflected sunlight blinds.', Source::Plan, ['names' => array_map(static fn(Thing $t): string => $t->name, $passes)], rule: 'mirror-beam');
        }
        $atEyesM = $this->beam->atEyesM();
        if ($atEyesM > 0) {
            $findings[] = new Finding(Level::Hold, 'For :metres m the beam runs at the height of eyes.', 'Rope that stretch off, or raise the screen and lower the mirror.', Source::CommonPractice, ['metres' => $atEyesM], rule: 'mirror-beam');
        }
        if ($atScreen->shadeVerdict()->level !== Level::Yes) {
            $findings[] = new Finding(Level::Hold, 'The Sun itself reaches the screen for a part of the eclipse and washes the image out.', 'Hang it in a wall\'s shade.', Source::CommonPractice);
        }

        return Verdict::of(SiteSubject::Beam, $findings, new Finding(
            Level::Yes,
            'Nothing on the plan is in the beam\'s way, and it passes no window and no eye.',
            'Only a flat mirror, with tape over the side that is not used; somebody stands by it all the time.',
            Source::CommonPractice,
            rule: 'mirror-never-alone',
        ));
    }

    private function isBehindTheWall(): bool
    {
        return cos(deg2rad($this->screen->at()->bearingDeg($this->mirror->at()) - $this->wallBearingDeg)) <= 0;
    }
}
