<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** One helper at one station, in minutes from midnight. */
final readonly class Post
{
    public function __construct(public string $helper, public string $station, public int $startMin, public int $endMin) {}
}
