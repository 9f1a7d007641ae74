<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

/** A picture of the partial phases, with the filter on. */
final readonly class PartialPicture
{
    public function __construct(public float $julianDateUt, public Exposure $exposure) {}
}
