<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience;

/** How old the people of a group are, as the rule book parts them. */
enum AgeBand: string
{
    /** Up to about 8 years. */
    case YoungChild = 'young_child';
    /** From 9 to 12. */
    case Child = 'child';
    case Teen = 'teen';
    case Adult = 'adult';
    /** Families: the youngest may be among them. */
    case AllAges = 'all_ages';

    /** What the rule book calls them; null where it must be told of each. */
    public function inTheBook(): ?string
    {
        return $this === self::AllAges ? null : $this->value;
    }

    /** @return array{float, float} height of the eyes above the ground in metres, least and most, standing (own judgement) */
    public function eyesM(): array
    {
        return match ($this) {
            self::YoungChild => [0.95, 1.2],
            self::Child => [1.2, 1.45],
            self::Teen => [1.4, 1.7],
            self::Adult => [1.45, 1.8],
            self::AllAges => [0.95, 1.8],
        };
    }
}
