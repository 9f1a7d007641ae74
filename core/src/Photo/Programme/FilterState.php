<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo\Programme;

/** How a filter was found when it was last held against the Sun. */
final readonly class FilterState
{
    /**
     * @param list<string> $flaws in the rule book's words; none was looked for and not found
     * @param bool $isToday whether that was today, where the event is
     * @param bool $isDue whether the event is today, so that it must have been
     */
    public function __construct(public array $flaws, public bool $isToday, public bool $isDue) {}
}
