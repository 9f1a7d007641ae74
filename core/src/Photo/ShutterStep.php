<?php

declare(strict_types=1);

namespace KeenShadow\Core\Photo;

/** A time that a camera can be set to: a third of a stop from one to the next, under the names that cameras have for them (common practice, no source). */
final readonly class ShutterStep
{
    private const NAMES = [
        '1/8000', '1/6400', '1/5000', '1/4000', '1/3200', '1/2500', '1/2000', '1/1600', '1/1250', '1/1000', '1/800', '1/640', '1/500', '1/400', '1/320', '1/250', '1/200', '1/160',
        '1/125', '1/100', '1/80', '1/60', '1/50', '1/40', '1/30', '1/25', '1/20', '1/15', '1/13', '1/10', '1/8', '1/6', '1/5', '1/4', '0.3', '0.4', '0.5', '0.6', '0.8',
        '1', '1.3', '1.6', '2', '2.5', '3.2', '4', '5', '6', '8', '10', '13', '15', '20', '25', '30',
    ];
    /** Of them is one second. */
    private const ONE_SECOND = 39;
    private const THIRDS = 3;

    private function __construct(
        public string $name,
        public float $seconds,
    ) {}

    /** The nearest in stops; beyond the shortest and the longest those two. */
    public static function nearest(float $seconds): self
    {
        $thirds = (int) round(self::THIRDS * log($seconds, 2));
        $thirds = max(-self::ONE_SECOND, min(count(self::NAMES) - 1 - self::ONE_SECOND, $thirds));

        return new self(self::NAMES[self::ONE_SECOND + $thirds], 2 ** ($thirds / self::THIRDS));
    }

    /** By how many stops a picture taken so is brighter than one of such an exposure. */
    public function stopsOver(float $seconds): float
    {
        return log($this->seconds / $seconds, 2);
    }
}
