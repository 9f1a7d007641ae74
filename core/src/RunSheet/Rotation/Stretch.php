<?php

declare(strict_types=1);

namespace KeenShadow\Core\RunSheet\Rotation;

/** A stretch of a day, from one minute to a later one, counted from midnight. */
final readonly class Stretch
{
    public function __construct(public int $fromMin, public int $toMin) {}

    /**
     * Whether one of them has all of it.
     *
     * @param list<self> $stretches
     */
    public static function oneHas(array $stretches, int $fromMin, int $toMin): bool
    {
        foreach ($stretches as $stretch) {
            if ($stretch->fromMin <= $fromMin && $toMin <= $stretch->toMin) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<self> $stretches
     *
     * @return list<self> what is left of them
     */
    public static function without(array $stretches, int $fromMin, int $toMin): array
    {
        $left = [];
        foreach ($stretches as $stretch) {
            array_push($left, new self($stretch->fromMin, min($stretch->toMin, $fromMin)), new self(max($stretch->fromMin, $toMin), $stretch->toMin));
        }

        return array_values(array_filter($left, static fn(self $s): bool => $s->fromMin < $s->toMin));
    }

    /** How many minutes two stretches share. */
    public function commonMin(int $fromMin, int $toMin): int
    {
        return max(0, min($this->toMin, $toMin) - max($this->fromMin, $fromMin));
    }
}
