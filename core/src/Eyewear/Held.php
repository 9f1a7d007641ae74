<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;

/** A lot with one of whose pairs something happened: whatever its papers say, nothing of it is handed out until somebody has found out why. */
final class Held
{
    public static function finding(): Finding
    {
        return new Finding(
            Level::Hold,
            'Something happened with a piece of this lot, and nobody has found out yet whether the lot is the cause.',
            'Hand none of it out and call back what is out; lift the hold when it is clear.',
            Source::CommonPractice,
            rule: 'papers-in-order',
        );
    }
}
