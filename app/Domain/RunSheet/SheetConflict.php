<?php

declare(strict_types=1);

namespace App\Domain\RunSheet;

use App\Models\RunSheet\SheetRevision;
use KeenShadow\Core\RunSheet\Cues\Cue;
use RuntimeException;

/** Somebody else has changed the same cues meanwhile, or a step was to be taken back that is not the last any more; nothing was written. */
final class SheetConflict extends RuntimeException
{
    /**
     * @param SheetRevision|null $holds
     * @param list<Cue> $disputed as they would have been kept
     */
    public function __construct(public readonly ?SheetRevision $holds, public readonly array $disputed, public readonly bool $isRotaDisputed = false)
    {
        parent::__construct('the run sheet was changed meanwhile');
    }
}
