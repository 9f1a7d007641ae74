<?php

declare(strict_types=1);

namespace App\Domain\Site;

use RuntimeException;

/** Somebody else changed the plan after the page was made from which a change comes. */
final class PlanConflict extends RuntimeException {}
