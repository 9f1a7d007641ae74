<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

/** Something that is wrong with turns and posts, from one minute to another. */
final readonly class Fault
{
    /**
     * @param string $group id, empty where it is not about one
     * @param string $station id
     * @param string $helper id
     * @param int $count how many are too many or missing: people, pairs, helpers, turns, minutes
     */
    public function __construct(
        public FaultKind $kind,
        public int $fromMin,
        public int $toMin,
        public string $group = '',
        public string $station = '',
        public string $helper = '',
        public int $count = 0,
    ) {}
}
