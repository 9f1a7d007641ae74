<?php

declare(strict_types=1);

namespace App\Domain\Event;

/** Groups of an event, and where each of their methods is shown. */
final readonly class RoundPlan
{
    /**
     * @param list<RoundParty> $parties by name
     * @param list<RoundSpot> $spots of every method that some group is to use
     */
    public function __construct(public array $parties, public array $spots) {}
}
