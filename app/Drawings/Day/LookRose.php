<?php

declare(strict_types=1);

namespace App\Drawings\Day;

use KeenShadow\Core\Day\SeenPlanet;
use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\ShadowCourse;

/** The sky of totality as it lies round whoever stands in the middle: the horizon is the rim, what is overhead the centre, north above. */
final readonly class LookRose
{
    public const RIM = 100.0;
    /** 30° and 60° high. */
    public const RINGS = [self::RIM * 60 / 90, self::RIM * 30 / 90];
    private const BESIDE = 11.0;
    /** A number nearer to another, or to a dot, lies on it. */
    private const CLEAR = 10.0;

    /**
     * @param array{x: float, y: float} $sun
     * @param list<array{x: float, y: float, labelX: float, labelY: float, label: string}> $planets numbered, the brightest first
     * @param float|null $shadowDeg from where the shadow comes
     */
    private function __construct(public array $sun, public array $planets, public ?float $shadowDeg) {}

    /** @param list<SeenPlanet> $planets */
    public static function of(LocalEclipse $here, array $planets, ?ShadowCourse $course): self
    {
        $sun = self::point(Bearing::ofSun($here->circumstances->maximum));
        $dots = array_map(static fn(SeenPlanet $planet): array => self::point($planet->bearing), $planets);
        $taken = [$sun, ...$dots];
        $marks = [];
        foreach ($dots as $i => $dot) {
            $label = self::beside($dot, $sun, array_filter($taken, static fn(array $place): bool => $place !== $dot));
            $taken[] = $label;
            $marks[] = $dot + ['labelX' => $label['x'], 'labelY' => $label['y'], 'label' => (string) ($i + 1)];
        }

        return new self($sun, $marks, $course === null ? null : round($course->comesFromDeg, 1));
    }

    /** @return array{x: float, y: float} */
    private static function point(Bearing $bearing): array
    {
        $far = self::RIM * (90 - $bearing->altitudeDeg) / 90;

        return ['x' => round($far * sin(deg2rad($bearing->azimuthDeg)), 2), 'y' => round(-$far * cos(deg2rad($bearing->azimuthDeg)), 2)];
    }

    /**
     * Where a number stands: away from the Sun, or as little turned from there as keeps it clear of what stands already.
     *
     * @param array{x: float, y: float} $dot
     * @param array{x: float, y: float} $sun
     * @param array<array-key, array{x: float, y: float}> $taken
     *
     * @return array{x: float, y: float}
     */
    private static function beside(array $dot, array $sun, array $taken): array
    {
        $away = atan2($dot['y'] - $sun['y'], $dot['x'] - $sun['x']);
        $at = static fn(int $turnDeg): array => ['x' => round($dot['x'] + self::BESIDE * cos($away + deg2rad($turnDeg)), 2), 'y' => round($dot['y'] + self::BESIDE * sin($away + deg2rad($turnDeg)), 2)];
        foreach ([0, 30, -30, 60, -60, 90, -90, 120, -120, 150, -150, 180] as $turnDeg) {
            $place = $at($turnDeg);
            if (array_filter($taken, static fn(array $other): bool => hypot($place['x'] - $other['x'], $place['y'] - $other['y']) < self::CLEAR) === []) {
                return $place;
            }
        }

        return $at(0);
    }
}
