<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Mirror;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Measure;
use KeenShadow\Core\Rules\Situation;
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
            $findings[] = Finding::measured(Measure::BeamFree, Level::No, 'At this time :name stands between the Sun and the mirror.', 'Move the mirror, or choose another time.', ['name' => $skyline->boundBefore($sun)]);
        }
        $blocked = $this->beam->blockedBy($this->plan);
        if ($blocked !== null) {
            $findings[] = Finding::measured(Measure::BeamFree, Level::No, ':name stands in the beam\'s way.', 'Move the mirror or the screen, or set one of them higher.', ['name' => $blocked->name]);
        }
        if ($this->isBehindTheWall()) {
            $findings[] = Finding::measured(Measure::BeamFree, Level::No, 'The mirror lies behind the wall that carries the screen.', 'Put it, or the screen, on the other side.');
        }
        if ($this->aimed($sun)->isGrazing()) {
            $findings[] = Finding::measured(Measure::BeamFree, Level::Hold, 'The light only grazes the glass: the mirror must be long and true.', 'Bring the mirror more between the Sun\'s side and the wall.');
        }
        $passes = $this->beam->passes($this->plan);
        if ($passes !== []) {
            $findings[] = Finding::measured(Measure::BeamAndPeople, Level::Hold, 'The beam goes by :names.', 'Move the mirror, or keep people and windows out of it: reflected sunlight blinds.', ['names' => array_map(static fn(Thing $t): string => $t->name, $passes)]);
        }
        $atEyesM = $this->beam->atEyesM();
        if ($atEyesM > 0) {
            $findings[] = Finding::measured(Measure::BeamAndPeople, Level::Hold, 'For :metres m the beam runs at the height of eyes.', 'Rope that stretch off, or raise the screen and lower the mirror.', ['metres' => $atEyesM]);
        }
        if ($atScreen->shadeVerdict()->level !== Level::Yes) {
            $findings[] = Finding::measured(Measure::InTheShade, Level::Hold, 'The Sun itself reaches the screen for a part of the eclipse and washes the image out.', 'Hang it in a wall\'s shade.');
        }

        return Verdict::of(SiteSubject::Beam, $findings, Finding::measured(
            Measure::BeamFree,
            Level::Yes,
            'Nothing on the plan is in the beam\'s way, and it passes no window and no eye.',
            'Only a flat mirror, with tape over the side that is not used.',
        ));
    }

    /**
     * A look at its image, for the rule book to be asked about. People whom the beam meets are known to be in it; by a window,
     * or at the height of eyes, somebody may come into it.
     */
    public function situation(): Situation
    {
        $passes = $this->beam->passes($this->plan);
        $isMet = match (true) {
            array_filter($passes, static fn(Thing $t): bool => !$t->kind->isOpening()) !== [] => true,
            $passes !== [], $this->beam->atEyesM() > 0 => null,
            default => false,
        };

        return Situation::of(['look' => 'pinhole_screen', 'filter' => 'none', 'instrument' => 'flat_mirror', 'people_in_beam' => $isMet]);
    }

    private function isBehindTheWall(): bool
    {
        return cos(deg2rad($this->screen->at()->bearingDeg($this->mirror->at()) - $this->wallBearingDeg)) <= 0;
    }
}
