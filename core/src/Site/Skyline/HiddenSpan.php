<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

use DateTimeImmutable;
use KeenShadow\Core\Time\JulianDate;

/** From when to when something on the site stands in front of the Sun. */
final readonly class HiddenSpan
{
    /** @param non-empty-list<string> $by names, in order */
    public function __construct(
        public float $fromUt,
        public float $toUt,
        public array $by,
    ) {}

    public function begins(): DateTimeImmutable
    {
        return JulianDate::toDateTime($this->fromUt);
    }

    public function ends(): DateTimeImmutable
    {
        return JulianDate::toDateTime($this->toUt);
    }
}
