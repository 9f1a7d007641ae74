<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

use KeenShadow\Core\Photo\Settings;
use KeenShadow\Core\Photo\ShutterStep;

/** How long to expose for a brightness, and what the camera is set to. */
final readonly class Exposure
{
    /** Farther off than this there is no step near. */
    private const NEAR_STOPS = 0.5;

    private function __construct(
        public float $q,
        public float $seconds,
        public ShutterStep $step,
    ) {}

    public static function of(Settings $settings, float $q): self
    {
        $seconds = $settings->seconds($q);

        return new self($q, $seconds, ShutterStep::nearest($seconds));
    }

    /** Whether the camera has a step for it. */
    public function hasStep(): bool
    {
        return abs($this->step->stopsOver($this->seconds)) <= self::NEAR_STOPS;
    }
}
