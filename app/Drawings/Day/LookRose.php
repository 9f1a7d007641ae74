<?php

declare(strict_types=1);

namespace App\Drawings\Day;

use KeenShadow\Core\Day\SeenPlanet;
use KeenShadow\Core\Sky\Bearing;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\ShadowCourse;

/** The sky of totality as it lies round whoever stands in the middle: the horizon is the rim, what is overhead the centre, north above. */
final readonly class LookRose
{
    public const RIM = 100.0;
    /** 30° and 60° high. */
    public const RINGS = [self::RIM * 60 / 90, self::RIM * 30 / 90];
    private const BESIDE = 10.0;
    /** The numbers of neighbours stand on different sides. */
    private const TURN_DEG = 60;

    /**
     * @param array{x: float, y: float} $sun
     * @param list<array{x: float, y: float, labelX: float, labelY: float, label: string}> $planets numbered, the brightest first
     * @param float|null $shadowDeg from where the shadow comes
     */
    private function __construct(public array $sun, public array $planets, public ?float $shadowDeg) {}

    /** @param list<SeenPlanet> $planets */
    public static function of(LocalEclipse $here, array $planets, ?ShadowCourse $course): self
    {
        $view = $here->circumstances->maximum;
        $sun = self::point(new Bearing($view->azimuthDeg(), Horizon::apparentAltitudeDeg($view->altitudeDeg())));
        $marks = [];
        foreach ($planets as $i => $planet) {
            $marks[] = self::mark(self::point($planet->bearing), $sun, $i);
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
     * The number stands away from the Sun, to one side.
     *
     * @param array{x: float, y: float} $at
     * @param array{x: float, y: float} $sun
     *
     * @return array{x: float, y: float, labelX: float, labelY: float, label: string}
     */
    private static function mark(array $at, array $sun, int $index): array
    {
        $away = atan2($at['y'] - $sun['y'], $at['x'] - $sun['x']) + deg2rad($index % 2 === 0 ? -self::TURN_DEG : self::TURN_DEG);

        return $at + ['labelX' => round($at['x'] + self::BESIDE * cos($away), 2), 'labelY' => round($at['y'] + self::BESIDE * sin($away), 2), 'label' => (string) ($index + 1)];
    }
}
