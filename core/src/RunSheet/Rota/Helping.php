<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

/** Somebody who may be asked to help, as far as duties must know them. */
final readonly class Helping
{
    /** @param list<Training> $training what they are trained for */
    public function __construct(public string $id, public array $training) {}
}
