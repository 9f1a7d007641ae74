<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

use KeenShadow\Core\RunSheet\Rotation\Stretch;

/** Somebody who may be asked to help, as far as duties must know them. */
final readonly class Helping
{
    /**
     * @param list<Training> $training what they are trained for
     * @param list<Stretch> $taken by cues that want them, in minutes
     */
    public function __construct(public string $id, public array $training, public array $taken = []) {}
}
