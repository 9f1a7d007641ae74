<?php

declare(strict_types=1);

namespace KeenShadow\Core\Day;

/** What is worth a look, or a moment, in totality; the order is the one in which they are given time when there is little. */
enum Look: string
{
    case Corona = 'corona';
    case Horizon = 'horizon';
    case Planets = 'planets';
    case Quiet = 'quiet';
    case CoronaAgain = 'corona_again';

    public function isCorona(): bool
    {
        return $this === self::Corona || $this === self::CoronaAgain;
    }

    /** So many seconds are worth while (own judgement; common practice, no source: a look takes some ten seconds, totality is short). */
    public function leastSeconds(): float
    {
        return match ($this) {
            self::Corona, self::CoronaAgain => 10.0,
            self::Horizon, self::Planets, self::Quiet => 8.0,
        };
    }

    /** More than this takes time from the rest. */
    public function mostSeconds(): float
    {
        return match ($this) {
            self::Corona, self::CoronaAgain => 90.0,
            self::Horizon, self::Planets, self::Quiet => 30.0,
        };
    }
}
