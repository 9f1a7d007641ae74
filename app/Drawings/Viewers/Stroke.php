<?php

declare(strict_types=1);

namespace App\Drawings\Viewers;

/** A line or an area of a drawing, with its class for the style. */
final readonly class Stroke
{
    /** @param string $points as SVG has them */
    private function __construct(
        public string $class,
        public string $points,
    ) {}

    /** @param list<array{float, float}> $points */
    public static function of(string $class, array $points): self
    {
        return new self($class, implode(' ', array_map(static fn(array $p): string => round($p[0], 2) . ',' . round($p[1], 2), $points)));
    }

    /** Whether it is filled. */
    public function isArea(): bool
    {
        return in_array($this->class, ['side-light', 'side-core', 'side-lens'], true);
    }
}
