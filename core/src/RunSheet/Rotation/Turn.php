<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** One group at one station, in minutes from midnight. */
final readonly class Turn
{
    public function __construct(public string $group, public string $station, public int $startMin, public int $endMin) {}
}
