<?php

declare(strict_types=1);

namespace App\Pages\Site;

/** The site as drawn, the view from one spot, the table of all spots, and what may be done to the plan. */
final readonly class SitePage
{
    /** @param int|null $revision of the plan, from which a change is made */
    public function __construct(
        public SiteParts $parts,
        public ?int $revision,
        public bool $canUndo,
        public bool $canRedo,
    ) {}
}
