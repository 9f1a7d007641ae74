<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Yard;

use KeenShadow\Core\Audience\Crowd\Coming;
use KeenShadow\Core\Audience\Group;
use KeenShadow\Core\Audience\Methods\Method;

/** A group at an event: how it comes, whether it is let in first, and the methods that are chosen for it. */
final readonly class Attendance
{
    /**
     * @param list<Method> $methods
     * @param float|null $aheadMin how long before the best moment they come, as Coming has it; null is what is usual
     */
    public function __construct(
        public string $name,
        public Group $group,
        public array $methods,
        public Coming $coming,
        public ?float $aheadMin,
        public bool $goesFirst,
    ) {}

    /** How many of the group go to a station: what is felt is for those who see little or nothing, what is seen for the others. */
    public function peopleAt(Method $method): int
    {
        return match (true) {
            !UsualStation::isFor($method) || !in_array($method, $this->methods, true) => 0,
            $method === Method::PhaseStrip => $this->group->lowVision,
            default => $this->group->people - $this->group->lowVision,
        };
    }
}
