<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

use KeenShadow\Core\Audience\AudienceException;
use KeenShadow\Core\Audience\GlassesSum;
use Random\Randomizer;

/** When visitors come, in seconds from the begin, in order. */
final readonly class Arrivals
{
    /** @param list<float> $timesS */
    private function __construct(public array $timesS) {}

    /**
     * A class that comes out of a door.
     *
     * @throws AudienceException
     */
    public static function atOnce(int $people, float $atS): self
    {
        return new self(array_fill(0, self::checked($people), $atS));
    }

    /**
     * One after the other as it happens, so many between two moments.
     *
     * @throws AudienceException
     */
    public static function stream(int $people, float $fromS, float $toS, Randomizer $random): self
    {
        return new self(self::drawn($people, static fn(): float => $fromS + ($toS - $fromS) * Chance::share($random)));
    }

    /**
     * More and more towards one moment, and none after it: they come so long before it on average.
     *
     * @throws AudienceException
     */
    public static function burst(int $people, float $beforeS, float $meanAheadS, Randomizer $random): self
    {
        return new self(self::drawn($people, static fn(): float => max(0.0, $beforeS - $meanAheadS * Chance::waiting($random))));
    }

    /**
     * Without end in sight: so many a second on average, until so many have come (Poisson).
     *
     * @throws AudienceException
     */
    public static function steady(int $people, float $perSecond, Randomizer $random): self
    {
        $now = 0.0;

        return new self(self::drawn($people, static function () use (&$now, $perSecond, $random): float {
            return $now += Chance::waiting($random) / $perSecond;
        }));
    }

    /**
     * @param callable(): float $draw
     *
     * @return list<float>
     */
    private static function drawn(int $people, callable $draw): array
    {
        $times = [];
        for ($i = self::checked($people); $i > 0; --$i) {
            $times[] = $draw();
        }
        sort($times);

        return $times;
    }

    private static function checked(int $people): int
    {
        return $people >= 0 && $people <= GlassesSum::MOST_PEOPLE ? $people : throw AudienceException::outOfRange('people', $people, 0, GlassesSum::MOST_PEOPLE);
    }
}
