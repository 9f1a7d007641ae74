<?php

declare(strict_types=1);

namespace App\Pages\Site;

use App\Domain\Site\PlanConflict;
use App\Text\SiteWords;
use KeenShadow\Core\Site\Plan\PlanChanges;
use KeenShadow\Core\Site\Plan\SitePlan;

/** Two people changed one plan: what each of them did to the plan they both began with. */
final readonly class ConflictPage
{
    /**
     * @param string|null $who made the plan that holds; null when it was taken back to nothing
     * @param list<string> $theirs
     * @param list<string> $mine empty when only a step back or on again was wanted
     * @param int|null $revision that holds
     */
    private function __construct(
        public ?string $who,
        public array $theirs,
        public array $mine,
        public ?int $revision,
    ) {}

    public static function of(PlanConflict $conflict): self
    {
        $began = $conflict->from->plan ?? SitePlan::blank();

        return new self(
            $conflict->holds?->maker?->name,
            SiteWords::changes(PlanChanges::between($began, $conflict->holds->plan ?? SitePlan::blank())),
            $conflict->refused === null ? [] : SiteWords::changes(PlanChanges::between($began, $conflict->refused)),
            $conflict->holds?->id,
        );
    }
}
