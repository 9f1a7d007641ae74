<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

use KeenShadow\Core\Photo\Frame;
use KeenShadow\Core\Photo\Kit\Camera;
use KeenShadow\Core\Photo\Kit\FrontFilter;
use KeenShadow\Core\Photo\Kit\Mount;
use KeenShadow\Core\Photo\Kit\Optics;
use KeenShadow\Core\Photo\Kit\OpticsBuild;
use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\Resolution;
use KeenShadow\Core\Photo\Settings;

/** What stands there together: a camera, what it looks through, what it stands on. */
final readonly class Outfit
{
    private function __construct(
        public Camera $camera,
        public Optics $optics,
        public ?FrontFilter $filter,
        public ?Mount $mount,
    ) {}

    /**
     * @param Optics|null $optics of a camera that is no phone; a phone has its own lens
     * @param Mount|null $mount null in the hand
     *
     * @throws PhotoException where a camera has nothing to look through
     */
    public static function of(Camera $camera, ?Optics $optics, ?FrontFilter $filter, ?Mount $mount): self
    {
        return new self($camera, $camera->ownLens ?? $optics ?? throw PhotoException::missing('optics'), $filter, $mount);
    }

    public function tracks(): bool
    {
        return $this->mount !== null && $this->mount->tracks;
    }

    public function frame(float $sunArcmin): Frame
    {
        return Frame::of($this->optics->focalMm, $this->camera->sensor, $sunArcmin);
    }

    /** Without a filter, in totality. */
    public function free(Programme $programme): Settings
    {
        return Settings::of($this->fNumber($programme), $programme->isoFree);
    }

    /** Behind the filter, whose opening may be the smaller one. */
    public function filtered(Programme $programme): Settings
    {
        return Settings::of(min(Measure::FNumber->range()[1], $this->optics->focalMm / $this->apertureMm($programme)), $programme->isoFiltered);
    }

    public function resolution(Programme $programme, Frame $frame): Resolution
    {
        return Resolution::of($frame, $this->apertureMm($programme));
    }

    /** A telescope and a phone have one f-number; a lens is set. */
    public function hasStops(): bool
    {
        return $this->optics->build === OpticsBuild::Lens && !$this->camera->isPhone();
    }

    /** @throws PhotoException naming what is set to something that this kit has not */
    public function check(Programme $programme): void
    {
        foreach ([[Measure::FNumber, $this->fNumber($programme), $this->optics->fNumber, Measure::FNumber->range()[1]], [Measure::Iso, $programme->isoFree, $this->camera->leastIso, $this->camera->mostIso], [Measure::IsoFiltered, $programme->isoFiltered, $this->camera->leastIso, $this->camera->mostIso]] as [$measure, $value, $least, $most]) {
            if ($value < $least || $value > $most) {
                throw PhotoException::beyondTheKit($measure->value, $value, $least, $most);
            }
        }
    }

    public function fits(Programme $programme): bool
    {
        try {
            $this->check($programme);
        } catch (PhotoException) {
            return false;
        }

        return true;
    }

    private function apertureMm(Programme $programme): float
    {
        return $this->optics->apertureMm($this->fNumber($programme), $this->filter?->openingMm);
    }

    private function fNumber(Programme $programme): float
    {
        return $this->hasStops() ? $programme->fNumber : $this->optics->fNumber;
    }
}
