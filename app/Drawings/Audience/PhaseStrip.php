<?php

declare(strict_types=1);

namespace App\Drawings\Audience;

use App\Drawings\Sky\DiscSample;
use App\Text\Clock;
use App\Text\Days;
use App\Text\Numbers;
use App\Text\SkyWords;
use KeenShadow\Core\Geometry\TwoCircles;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\LocalView;

/**
 * What is left of the Sun at a few moments, zenith up, to be cut out or raised: in millimetres, at the size of a fingertip's
 * reach. For those who see little or nothing.
 */
final readonly class PhaseStrip
{
    public const RADIUS_MM = 18.0;
    /** From one disc to the next. */
    public const PITCH_MM = 44.0;
    private const EACH_SIDE = 3;
    private const LEAST_HALF_CHORD_MM = 0.25;

    /**
     * @param list<array{path: string, name: string, time: string, words: string}> $discs while the Sun is up
     * @param string $when the day, and the zone of all times
     */
    private function __construct(public array $discs, public string $when) {}

    public static function of(LocalEclipse $here): self
    {
        $middle = $here->circumstances->maximum;
        $clock = Clock::over($here);
        $discs = [];
        for ($k = -self::EACH_SIDE; $k <= self::EACH_SIDE; ++$k) {
            $edge = $k < 0 ? $here->begins() : $here->ends();
            $seconds = ((float) $edge->format('U.u') - (float) $middle->time()->format('U.u')) * abs($k) / self::EACH_SIDE;
            $view = $k === 0 ? $middle : $here->at($middle->time()->modify(sprintf('%+d milliseconds', (int) round(1000 * $seconds))));
            if ($view->isSunUp()) {
                $discs[] = self::disc($view, self::name($k), $clock->minute($view->time()));
            }
        }

        return new self($discs, Days::full($here->local($middle->time())) . ', ' . $clock->zone());
    }

    /** @return array{path: string, name: string, time: string, words: string} */
    private static function disc(LocalView $view, string $name, string $time): array
    {
        $sample = DiscSample::of($view, $name, $time);

        return [
            'path' => self::path(self::RADIUS_MM * $sample->x, -self::RADIUS_MM * $sample->y, self::RADIUS_MM * $sample->ratio, $sample->obscuration),
            'name' => $name,
            'time' => $time,
            'words' => __(':percent % of the area covered', ['percent' => Numbers::percent($sample->obscuration)]),
        ];
    }

    private static function name(int $step): string
    {
        return match ($step) {
            -self::EACH_SIDE => SkyWords::contact(ContactName::C1),
            0 => SkyWords::contact(ContactName::Maximum),
            self::EACH_SIDE => SkyWords::contact(ContactName::C4),
            default => '',
        };
    }

    /** The bright part around the origin, blank where nothing is left of it. */
    private static function path(float $moonX, float $moonY, float $moonMm, float $obscuration): string
    {
        $sun = self::RADIUS_MM;
        $distance = hypot($moonX, $moonY);
        $cut = TwoCircles::cut($sun, $moonMm, $distance);
        // Of a bite or a sliver between two points so near to each other an arc would lose its way.
        if ($cut === null || $cut[1] < self::LEAST_HALF_CHORD_MM) {
            return match (true) {
                $obscuration <= 0.01 => self::circle(0.0, 0.0, $sun),
                $moonMm >= $sun => '',
                default => self::circle(0.0, 0.0, $sun) . self::circle($moonX, $moonY, $moonMm),
            };
        }
        [$along, $aside] = $cut;
        [$x, $y] = [$moonX / $distance, $moonY / $distance];
        $from = self::point($along * $x - $aside * $y, $along * $y + $aside * $x);
        $to = self::point($along * $x + $aside * $y, $along * $y - $aside * $x);
        // Around the Sun on the side away from the Moon, and back along the Moon's limb.
        $limb = round($moonMm, 2);

        return "M{$from}A{$sun} {$sun} 0 " . ($along > 0 ? 1 : 0) . " 1 {$to}A{$limb} {$limb} 0 " . ($distance - $along > 0 ? 0 : 1) . " 0 {$from}Z";
    }

    private static function circle(float $x, float $y, float $radius): string
    {
        $r = round($radius, 2);

        return 'M' . self::point($x - $radius, $y) . "a{$r} {$r} 0 1 0 " . 2 * $r . " 0a{$r} {$r} 0 1 0 " . -2 * $r . ' 0Z';
    }

    private static function point(float $x, float $y): string
    {
        return round($x, 2) . ' ' . round($y, 2);
    }
}
