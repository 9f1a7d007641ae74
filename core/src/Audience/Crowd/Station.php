<?php

declare(strict_types=1);

namespace KeenShadow\Core\Audience\Crowd;

use KeenShadow\Core\Audience\AudienceException;

/** Where visitors do one thing: so many at once, each for a while. Who comes when all places are taken waits in one queue. */
final readonly class Station
{
    public const MOST_PLACES = 5000;

    private function __construct(
        public string $name,
        public int $places,
        public ServiceTime $service,
        public float $handOverS,
    ) {}

    /**
     * @param int $places how many at once: pairs of glasses, eyepieces, places before a screen
     * @param float $handOverS before the next may begin at the same place
     *
     * @throws AudienceException
     */
    public static function of(string $name, int $places, ServiceTime $service, float $handOverS = 0.0): self
    {
        foreach (['places' => [$places, 1, self::MOST_PLACES], 'hand_s' => [$handOverS, 0, ServiceTime::MOST_S]] as $field => [$value, $least, $most]) {
            if (!($value >= $least && $value <= $most)) {
                throw AudienceException::outOfRange($field, (float) $value, (float) $least, (float) $most);
            }
        }

        return new self($name, $places, $service, $handOverS);
    }

    public function withPlaces(int $places): self
    {
        return self::of($this->name, $places, $this->service, $this->handOverS);
    }
}
