<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Text\HorizonText;
use KeenShadow\Core\Site\Plan\SitePlan;

/** The plan as the numbers of a form. */
final readonly class PlanNumbers
{
    /**
     * @param list<ThingRow> $rows
     * @param int|null $revision of the plan, from which a change is made
     */
    private function __construct(
        public array $rows,
        public string $horizon,
        public float $accuracyM,
        public ?int $revision,
    ) {}

    public static function of(SitePlan $plan, ?int $revision): self
    {
        return new self(array_map(ThingRow::of(...), $plan->things), HorizonText::write($plan->horizon), $plan->accuracyM, $revision);
    }
}
