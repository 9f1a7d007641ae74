<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Methods;

use KeenShadow\Core\Audience\Policy;

/** What there is to work with, as far as it is known. */
final readonly class Means
{
    /**
     * @param int $daysLeft until the event
     * @param int $helpers who can stand at something
     * @param float|null $budget euros or dollars; null where nobody has said
     * @param list<Kit> $kit at hand
     * @param int $glassesFit pairs that are fit
     * @param bool|null $isGroundPale whether it takes an image as it is; asphalt and grass do not
     * @param bool|null $hasShadedWall
     * @param float|null $sunDeg altitude of the Sun at the maximum
     */
    public function __construct(
        public int $daysLeft,
        public int $helpers,
        public ?float $budget,
        public array $kit,
        public int $glassesFit,
        public ?bool $isGroundPale,
        public ?bool $hasShadedWall,
        public ?float $sunDeg,
        public ?Policy $policy,
    ) {}

    /** Whether a thing that the method takes is here, or some of the glasses. */
    public function has(Method $method): bool
    {
        return $method === Method::Glasses ? $this->glassesFit > 0 : array_filter($method->takes(), fn(Kit $kit): bool => in_array($kit, $this->kit, true)) !== [];
    }
}
