<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

use KeenShadow\Core\Photo\Dimming;
use KeenShadow\Core\Photo\Frame;
use KeenShadow\Core\Photo\PartialSeries;
use KeenShadow\Core\Photo\Passage;
use KeenShadow\Core\Photo\Phase;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\PhotoSubject;
use KeenShadow\Core\Photo\Resolution;
use KeenShadow\Core\Photo\Shot;
use KeenShadow\Core\Photo\ShotList;
use KeenShadow\Core\Photo\Wish;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Verdict;
use KeenShadow\Core\Time\Interval;

/** All that a camera takes of an eclipse where it stands, and whether it may stand there. */
final readonly class CameraPlan
{
    /**
     * @param Passage $passage with the wanted corona all around
     * @param list<PartialPicture> $partial in order of time, with the filter on
     * @param ShotList $totality nothing of it where the rule about filters keeps them on, or the camera may not stand there
     * @param ShotList $clouded the same where clouds let the Sun through at the end only
     * @param list<Finding> $against what speaks against it
     */
    private function __construct(
        public Outfit $outfit,
        public Programme $programme,
        public SeenEclipse $seen,
        public Frame $frame,
        public Passage $passage,
        public Resolution $resolution,
        public array $partial,
        public ShotList $totality,
        public ShotList $clouded,
        private ?float $realQ,
        private array $against,
    ) {}

    /**
     * @param FilterState|null $state null where the filter was never looked at
     * @param float|null $realQ of the Sun overhead through this very filter; null goes by the table
     *
     * @throws PhotoException
     */
    public static function of(Outfit $outfit, Programme $programme, SeenEclipse $seen, ?FilterState $state, ?float $realQ): self
    {
        $against = Readiness::findings($outfit, $programme, $state);
        $mayStand = Readiness::mayStand($against);
        $frame = $outfit->frame($seen->sunArcmin());
        $wishes = self::wishes($outfit, $programme, $seen);
        $filters = $mayStand ? $seen->filters : Filters::decide(null, null, null, null, null, null);
        $totality = ShotList::of($outfit->free($programme), $wishes, $filters, $programme->handS);

        return new self(
            outfit: $outfit,
            programme: $programme,
            seen: $seen,
            frame: $frame,
            passage: Passage::of($frame, $seen->motion(), $programme->rollDeg, 1 + $programme->coronaRadii),
            resolution: $outfit->resolution($programme, $frame),
            partial: $mayStand ? self::partial($outfit, $programme, $seen, $totality, $realQ) : [],
            totality: $totality,
            clouded: ShotList::of($outfit->free($programme), $wishes, $filters, $programme->handS, $programme->clearS),
            realQ: $realQ,
            against: $against,
        );
    }

    /** @return Exposure|null of a phase as it is seen at the maximum; null with the Sun down, or without the filter that it needs */
    public function exposure(Phase $phase): ?Exposure
    {
        $dim = Dimming::stops($this->seen->middle->altitudeDeg, $this->programme->cloudStops);
        if ($dim === null) {
            return null;
        }
        if ($phase !== Phase::Partial) {
            return Exposure::of($this->outfit->free($this->programme), Wanted::bare($phase) - $dim);
        }
        $filter = $this->outfit->filter;

        return $filter === null ? null : Exposure::of($this->outfit->filtered($this->programme), ($this->realQ ?? $phase->q($filter->density())) - $dim);
    }

    /** @return float|null by how many pixels the image moves in it; null where the mount goes with the Sun */
    public function blurPx(float $seconds): ?float
    {
        return $this->outfit->tracks() ? null : $seconds / $this->passage->longestExposureS(1.0);
    }

    /** @return list<non-empty-list<Exposure>> of each wish, whether it fits or not */
    public function wished(): array
    {
        return array_map(fn(Wanted $wanted): array => self::exposures($wanted, $this->outfit, $this->programme, $this->seen), $this->programme->wanted);
    }

    /** @return float|null the longest exposure that is planned, in seconds; null where none is */
    public function longestS(): ?float
    {
        $free = $this->outfit->free($this->programme);
        $seconds = array_map(static fn(PartialPicture $picture): float => $picture->exposure->step->seconds, $this->partial);
        foreach ($this->totality->shots as $planned) {
            array_push($seconds, ...array_map(static fn(Shot $shot): float => $free->seconds($shot->q), $planned->wish->shots));
        }

        return $seconds === [] ? null : max($seconds);
    }

    /** What all that is wished takes, with the filter off and on, whether it fits or not. */
    public function wishedS(): float
    {
        $free = $this->outfit->free($this->programme);
        $wishes = self::wishes($this->outfit, $this->programme, $this->seen);

        return $wishes === [] ? 0.0 : array_sum(array_map(static fn(Wish $wish): float => $wish->lastsS($free), $wishes)) + 2 * $this->programme->handS;
    }

    /** @return float|null seconds in which filters may be off here; null where they stay on */
    public function freeS(): ?float
    {
        return $this->totality->offUt === null || $this->totality->onUt === null ? null : (new Interval($this->totality->offUt, $this->totality->onUt))->seconds();
    }

    public function mayStand(): bool
    {
        return Readiness::mayStand($this->against);
    }

    public function verdict(): Verdict
    {
        return Verdict::of(PhotoSubject::Camera, [...$this->against, ...Fitness::findings($this)], new Finding(
            Level::Yes,
            'Filter, mount and list are in order, and somebody watches it.',
            'Set it, and leave it to itself.',
            Source::CommonPractice,
            'sensor-only',
        ));
    }

    /** @return list<Wish> as the camera is set for them, in a sky as it is then */
    private static function wishes(Outfit $outfit, Programme $programme, SeenEclipse $seen): array
    {
        $free = $outfit->free($programme);

        return array_map(static fn(Wanted $wanted): Wish => Wish::of($wanted->name, $wanted->when, array_map(
            static fn(Exposure $exposure): Shot => Shot::exposed($exposure->step->seconds, $free, $wanted->frames, $outfit->camera->writeS),
            self::exposures($wanted, $outfit, $programme, $seen),
        ), $wanted->pauseS, $outfit->camera->burst()), $programme->wanted);
    }

    /** @return non-empty-list<Exposure> */
    private static function exposures(Wanted $wanted, Outfit $outfit, Programme $programme, SeenEclipse $seen): array
    {
        // With the Sun down nothing is taken anyway: the rule about filters sees to that.
        $dim = Dimming::stops($seen->middle->altitudeDeg, $programme->cloudStops) ?? 0.0;

        return array_map(static fn(float $q): Exposure => Exposure::of($outfit->free($programme), $q - $dim), $wanted->q());
    }

    /** @return list<PartialPicture> */
    private static function partial(Outfit $outfit, Programme $programme, SeenEclipse $seen, ShotList $totality, ?float $realQ): array
    {
        $filter = $outfit->filter;
        if ($filter === null) {
            return [];
        }
        $pictures = [];
        foreach (PartialSeries::moments($seen->middle->julianDateUt, $seen->seen, $programme->intervalS, $totality) as $ut) {
            $dim = Dimming::stops($seen->altitudeDegAt($ut), $programme->cloudStops);
            if ($dim !== null) {
                $pictures[] = new PartialPicture($ut, Exposure::of($outfit->filtered($programme), ($realQ ?? Phase::Partial->q($filter->density())) - $dim));
            }
        }

        return $pictures;
    }
}
