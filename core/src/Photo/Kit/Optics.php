<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Kit;

use KeenShadow\Core\Photo\Measure;
use KeenShadow\Core\Photo\PhotoException;

/** A lens or a telescope. */
final readonly class Optics
{
    /**
     * @param float $fNumber as far open as it goes
     * @param float|null $ownApertureMm as it is measured; null is focal length over f-number
     */
    private function __construct(
        public OpticsBuild $build,
        public float $focalMm,
        public float $fNumber,
        public ?float $ownApertureMm,
    ) {}

    /** @throws PhotoException when a number is out of range */
    public static function of(OpticsBuild $build, float $focalMm, float $fNumber, ?float $ownApertureMm = null): self
    {
        return new self($build, Measure::Focal->checked($focalMm), Measure::FNumber->checked($fNumber), $ownApertureMm === null ? null : Measure::Aperture->checked($ownApertureMm));
    }

    /** Free opening when it is set so, through a filter with such an opening. */
    public function apertureMm(float $fNumber, ?float $filterMm = null): float
    {
        return min($this->ownApertureMm ?? INF, $this->focalMm / $fNumber, $filterMm ?? INF);
    }
}
