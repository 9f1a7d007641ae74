<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use KeenShadow\Core\RunSheet\Rota\Remedy;
use KeenShadow\Core\RunSheet\Rotation\Unmet;

/** A group that cannot have all its turns, with the least that would help. */
final readonly class ShortGroup
{
    /** @param list<Remedy>|null $remedies the smallest trouble first; null where nobody looked for them */
    public function __construct(public Unmet $unmet, public ?array $remedies) {}
}
