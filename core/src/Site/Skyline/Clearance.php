<?php

declare(strict_types=1);

namespace KeenShadow\Core\Site\Skyline;

/** How far the Sun's centre stands from the edge of the sky, and what makes that edge. */
final readonly class Clearance
{
    /**
     * @param float $deg along the sky to the nearest part of anything that bounds it; negative when the centre is behind
     *     something: how far it is to the free sky
     * @param string|null $by the nearest thing, or what the centre is behind; null is the far horizon
     */
    public function __construct(
        public float $deg,
        public ?string $by,
    ) {}

    /** How much of a disc of that half width is clear. */
    public function visibility(float $semidiameterDeg): DiscVisibility
    {
        return match (true) {
            $this->deg >= $semidiameterDeg => DiscVisibility::Clear,
            $this->deg <= -$semidiameterDeg => DiscVisibility::Hidden,
            default => DiscVisibility::Partly,
        };
    }
}
