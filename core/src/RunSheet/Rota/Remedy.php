<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

/** One change, no larger than it must be. */
final readonly class Remedy
{
    /**
     * @param string $id of the station or group it is about; empty for pairs and helpers
     * @param int $amount people, minutes, pairs, helpers or turns
     */
    public function __construct(public RemedyKind $kind, public string $id, public int $amount) {}
}
