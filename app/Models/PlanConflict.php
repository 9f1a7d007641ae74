<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;

/** Somebody else changed the plan after this page was made. */
final class PlanConflict extends RuntimeException {}
