<?php

declare(strict_types=1);

namespace KeenShadow\Core\Geometry;

/** Closes in on the place at which something ceases to hold, by halving. */
final class Bisection
{
    /**
     * The last place at which it holds, going from one where it does to one where it does not, on either side.
     *
     * @param callable(float): bool $holds changes once between the two
     * @param float $tolerance how far from the change the answer may be, on the side where it holds
     */
    public static function edge(callable $holds, float $within, float $beyond, float $tolerance): float
    {
        while (abs($beyond - $within) > $tolerance) {
            $middle = ($within + $beyond) / 2;
            if ($holds($middle)) {
                $within = $middle;
            } else {
                $beyond = $middle;
            }
        }

        return $within;
    }
}
