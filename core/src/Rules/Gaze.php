<?php

declare(strict_types=1);

namespace KeenShadow\Core\Rules;

use KeenShadow\Core\Sky\Bearing;

/**
 * Where eyes may be sent while some of the Sun shines: whatever text, call, card or drawing sends them anywhere asks here.
 *
 * Nothing within 60° of the Sun, and nobody once round the horizon while it stands lower than 20° (own judgement: eyes wander by some 30°
 * round what they look for, as far again lies the edge of what draws them, and a low Sun stands where the horizon is looked along).
 * Behind the Moon in the guarded times of totality, and below the horizon, it draws nobody. What is unknown sends eyes nowhere.
 */
enum Gaze: string
{
    /** At a sheet, a shadow, a thing on the ground. */
    case Ground = 'ground';
    /** Anywhere with the Sun at one's back. */
    case Away = 'away';
    /** Once round the horizon. */
    case AllRound = 'all_round';

    public const LEAST_APART_DEG = 60.0;
    public const LEAST_ALTITUDE_DEG = 20.0;
    /** Lower than this the whole disc is down, refraction and half a degree of it counted. */
    private const DOWN_DEG = -1.0;

    /**
     * @param Bearing|null $sun where it stands; null while nobody knows
     * @param bool $isCovered whether the rule about filters lets them be off at that moment
     */
    public function isSafe(?Bearing $sun, bool $isCovered): bool
    {
        return match ($this) {
            self::Ground, self::Away => true,
            self::AllRound => $isCovered || $sun !== null && ($sun->altitudeDeg < self::DOWN_DEG || $sun->altitudeDeg >= self::LEAST_ALTITUDE_DEG),
        };
    }

    /** The same for one direction. */
    public static function isSafeTowards(Bearing $to, ?Bearing $sun, bool $isCovered): bool
    {
        return $isCovered || $sun !== null && ($sun->altitudeDeg < self::DOWN_DEG || $to->apartDeg($sun) >= self::LEAST_APART_DEG);
    }
}
