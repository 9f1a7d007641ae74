<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rota;

/** What the organiser wants of a station; null is what is usual. */
final readonly class StationWish
{
    /**
     * @param int|null $minutes of one turn
     * @param int|null $capacity people at once
     * @param int|null $crew helpers while a group is there
     */
    public function __construct(public ?int $minutes = null, public ?int $capacity = null, public ?int $crew = null) {}
}
