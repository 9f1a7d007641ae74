<?php

declare(strict_types=1);

namespace KeenShadow\Core\Sky;

use KeenShadow\Core\Geometry\Globe;

/** How the middle of the Moon's shadow goes over the ground while a place is in totality. */
final readonly class ShadowCourse
{
    private const BESIDE_HOURS = 1 / 60;

    /** @param float $comesFromDeg from north through east; it goes to the other side */
    private function __construct(public float $comesFromDeg) {}

    /** Null where there is no totality, or its middle passes beside the Earth then. */
    public static function over(LocalEclipse $here): ?self
    {
        if ($here->circumstances->kind !== LocalKind::Total) {
            return null;
        }
        $eclipse = $here->eclipse;
        $hours = ($here->circumstances->maximum->julianDateUt() + $eclipse->deltaT->seconds / 86400 - $eclipse->elements->t0JulianDateTt) * 24;
        [$before, $after] = array_map(static fn(int $side): ShadowAxis => ShadowAxis::at($eclipse->elements, $hours + $side * self::BESIDE_HOURS), [-1, 1]);
        if (max($before->outlineDistance(), $after->outlineDistance()) >= 1) {
            return null;
        }
        [$from, $to] = [$before->surfacePoint($eclipse->deltaT), $after->surfacePoint($eclipse->deltaT)];

        return new self(Globe::bearingDeg($to['latDeg'], $to['lonDeg'], $from['latDeg'], $from['lonDeg']));
    }

    public function goesToDeg(): float
    {
        return fmod($this->comesFromDeg + 180, 360);
    }
}
