<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** A group that has fewer turns than it should, and what stands in the way. */
final readonly class Unmet
{
    /**
     * @param int $turns that it has
     * @param list<string> $conflict ids that cannot all be satisfied together, while any one fewer could
     * @param bool $isProven whether it was shown that they cannot; otherwise no way was found within the steps that are taken
     */
    public function __construct(public string $group, public int $turns, public array $conflict, public bool $isProven) {}
}
