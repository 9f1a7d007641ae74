<?php

declare(strict_types=1);

namespace App\Domain\Event;

use KeenShadow\Core\Geometry\PlanPoint;

/** Where a method is shown at an event, as far as a rotation must know it. */
final readonly class RoundSpot
{
    /**
     * @param string $method the audience's word for it
     * @param string $name of the method, in words
     * @param string|null $place where it stands, by its name on the site plan
     * @param int $atOnce how many look at the same time
     * @param float $secondsEach a look with handing over
     * @param int $peoplePerHelper whom one helper can look after
     * @param PlanPoint|null $at on the site plan
     * @param bool $isNeverAlone whether the rule book refuses it unattended
     * @param list<string> $cautions what the rule book asks for there, the weightiest first
     */
    public function __construct(
        public string $method,
        public string $name,
        public ?string $place,
        public int $atOnce,
        public float $secondsEach,
        public int $peoplePerHelper,
        public ?PlanPoint $at,
        public bool $isNeverAlone,
        public array $cautions,
    ) {}
}
