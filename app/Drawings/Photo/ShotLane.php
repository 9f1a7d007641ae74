<?php

declare(strict_types=1);

namespace App\Drawings\Photo;

use DateTimeImmutable;
use KeenShadow\Core\Photo\Programme\CameraPlan;
use KeenShadow\Core\Photo\Programme\PartialPicture;
use KeenShadow\Core\Time\JulianDate;

/** What a camera takes, below the ribbon and on its scale: a tick for each picture with the filter on, a bar while it is off. */
final readonly class ShotLane
{
    /**
     * @param list<float> $pictures percentages along the ribbon
     * @param array{x: float, width: float}|null $free while the filter is off
     */
    private function __construct(public string $name, public array $pictures, public ?array $free) {}

    public static function of(string $name, CameraPlan $plan, DateTimeImmutable $begin, DateTimeImmutable $end): self
    {
        [$from, $to] = [JulianDate::fromDateTime($begin), JulianDate::fromDateTime($end)];
        $percent = static fn(float $ut): float => round(100 * ($ut - $from) / ($to - $from), 3);
        [$off, $on] = [$plan->totality->offUt, $plan->totality->onUt];

        return new self(
            $name,
            array_map(static fn(PartialPicture $picture): float => $percent($picture->julianDateUt), $plan->partial),
            $off === null || $on === null ? null : ['x' => $percent($off), 'width' => round($percent($on) - $percent($off), 3)],
        );
    }
}
