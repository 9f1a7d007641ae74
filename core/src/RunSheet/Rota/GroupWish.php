<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

/** What the organiser wants for a group. */
final readonly class GroupWish
{
    /**
     * @param int|null $turns that it should have; null is what is usual
     * @param list<string>|null $bells in which it can come, by name; null is in all that are no break
     */
    public function __construct(public ?int $turns = null, public ?array $bells = null) {}
}
