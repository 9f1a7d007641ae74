<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

/** When a helper is there, in minutes from midnight. */
final readonly class CrewWish
{
    /**
     * @param int|null $fromMin null is from the opening on
     * @param int|null $toMin null is until the closing
     * @param int|null $goneMin from then on they are not there after all
     */
    public function __construct(public ?int $fromMin = null, public ?int $toMin = null, public ?int $goneMin = null) {}
}
