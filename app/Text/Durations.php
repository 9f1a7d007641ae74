<?php

declare(strict_types=1);

namespace App\Text;

/** How long something lasts. */
final class Durations
{
    /** "2 min 53 s", "48 s". */
    public static function toTheSecond(float $seconds): string
    {
        $whole = (int) round($seconds);

        return $whole < 60
            ? __(':s s', ['s' => $whole])
            : __(':min min :s s', ['min' => intdiv($whole, 60), 's' => $whole % 60]);
    }

    /** "2 h 31 min", "48 min". */
    public static function toTheMinute(float $seconds): string
    {
        $minutes = (int) round($seconds / 60);

        return $minutes < 60
            ? __(':min min', ['min' => $minutes])
            : __(':h h :min min', ['h' => intdiv($minutes, 60), 'min' => $minutes % 60]);
    }
}
