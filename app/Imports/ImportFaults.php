<?php

declare(strict_types=1);

namespace App\Imports;

use RuntimeException;

/** What is wrong with a file, fault by fault. */
final class ImportFaults extends RuntimeException
{
    /**
     * @param list<string> $faults the first ones
     * @param int $count how many there are in all
     */
    public function __construct(
        public readonly array $faults,
        public readonly int $count,
    ) {
        parent::__construct($faults[0] ?? '');
    }
}
