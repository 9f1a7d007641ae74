<?php

declare(strict_types=1);

namespace App\Domain\Site;

use App\Models\Site\PlanRevision;
use KeenShadow\Core\Site\Plan\SitePlan;
use RuntimeException;

/** Another plan holds than the one a change was made from; nothing was written. */
final class PlanConflict extends RuntimeException
{
    /**
     * @param PlanRevision|null $from the revision that the change was made from
     * @param PlanRevision|null $holds
     * @param SitePlan|null $refused what would have been kept; null for a step back or on again
     */
    public function __construct(
        public readonly ?PlanRevision $from,
        public readonly ?PlanRevision $holds,
        public readonly ?SitePlan $refused,
    ) {
        parent::__construct('the plan was changed meanwhile');
    }
}
