<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Drawings\LabelSpace;
use App\Text\Clock;
use App\Text\SkyWords;
use DateTimeImmutable;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\DiscVisibility;
use KeenShadow\Core\Site\Skyline\Skyline;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Sky\ContactName;

/** The site from above, ready for SVG: metres, x east, y south, with the Sun's directions from one spot as a fan. */
final readonly class PlanDrawing
{
    private const LEAST_SIZE_M = 40.0;
    private const MARGIN = 0.12;
    /** Width over height of the picture, least and most. */
    private const FORMATS = [1.15, 1.6];
    /** Letters that the plan is wide. */
    private const LETTERS = 48;
    /** Half the width of a place's dot. */
    private const DOT_LETTERS = 0.6;
    /** Length of the Sun's ray, and the room that a label takes, as fractions of the sheet. */
    private const RAY = 0.42;
    private const LABEL_WIDTH = 0.22;
    private const LABEL_HEIGHT = 0.05;
    /** From this sine of the azimuth on a label stands beside the ray's end. */
    private const ASIDE = 0.3;
    private const FAN_MINUTES = 30;
    /** Two rays nearer in time than this share a label. */
    private const APART_SECONDS = 600;

    /**
     * @param float $letterM height of a letter
     * @param list<PlanShape> $grounds
     * @param list<PlanShape> $standing what stands on the ground, places last
     * @param float $barM length of the scale bar
     * @param list<array{x: float, y: float, labelX: float, labelY: float, anchor: string, label: string, isMain: bool, isHidden: bool}> $rays from the spot, which lies at 0, 0
     */
    private function __construct(
        public float $left,
        public float $top,
        public float $width,
        public float $height,
        public float $letterM,
        public array $grounds,
        public array $standing,
        public array $rays,
        public int $observerIndex,
        public float $observerX,
        public float $observerY,
        public float $barM,
    ) {}

    public static function of(SunlitSite $site, Thing $observer): self
    {
        [$left, $top, $width, $height] = self::frame($site, $observer);
        $letter = round($width / self::LETTERS, 2);
        $rays = self::rays($site, $observer, [$left, $top, $width, $height]);
        $at = PlanShape::place($observer->at());
        $labels = new LabelSpace($letter);
        foreach ($site->plan->places() as $place) {
            ['x' => $x, 'y' => $y] = PlanShape::place($place->at());
            $labels->mark($x, $y, self::DOT_LETTERS * $letter);
        }
        foreach ($rays as $ray) {
            $labels->line($at['x'], $at['y'], $at['x'] + $ray['x'], $at['y'] + $ray['y']);
        }
        // The contacts come first, then names; a half hour without room for its label goes without.
        $rays = self::labelled($rays, true, $at, $labels);
        $shapes = [];
        foreach (self::namedInOrder($site->plan->things) as $index => $thing) {
            $shapes[$index] = PlanShape::of($index, $thing, $labels, $letter);
        }
        $rays = self::labelled($rays, false, $at, $labels);
        ksort($shapes);
        $grounds = array_values(array_filter($shapes, static fn(PlanShape $s): bool => $s->isGround));
        $standing = array_values(array_filter($shapes, static fn(PlanShape $s): bool => !$s->isGround));
        usort($standing, static fn(PlanShape $a, PlanShape $b): int => [$a->shape === 'point', $a->index] <=> [$b->shape === 'point', $b->index]);

        return new self(left: $left, top: $top, width: $width, height: $height, letterM: $letter, grounds: $grounds, standing: $standing, rays: $rays, observerIndex: (int) array_search($observer, $site->plan->things, true), observerX: $at['x'], observerY: $at['y'], barM: self::niceLength($width / 5));
    }

    /**
     * Main rays or the others with their labels, where there is room for them.
     *
     * @param list<array{x: float, y: float, labelX: float, labelY: float, anchor: string, label: string, isMain: bool, isHidden: bool}> $rays
     * @param array{x: float, y: float} $at
     *
     * @return list<array{x: float, y: float, labelX: float, labelY: float, anchor: string, label: string, isMain: bool, isHidden: bool}>
     */
    private static function labelled(array $rays, bool $isMain, array $at, LabelSpace $labels): array
    {
        return array_map(static function (array $ray) use ($isMain, $at, $labels): array {
            if ($ray['isMain'] === $isMain && !$labels->claim($at['x'] + $ray['labelX'], $at['y'] + $ray['labelY'], $ray['label'], $ray['anchor'])) {
                $ray['label'] = '';
            }

            return $ray;
        }, $rays);
    }

    /**
     * Places first, ground last: what matters most gets the best room for its name.
     *
     * @param list<Thing> $things
     *
     * @return array<int, Thing>
     */
    private static function namedInOrder(array $things): array
    {
        uasort($things, static fn(Thing $a, Thing $b): int => [!$a->kind->isPlace(), $a->kind->isGround()] <=> [!$b->kind->isPlace(), $b->kind->isGround()]);

        return $things;
    }

    /** @return array{float, float, float, float} */
    private static function frame(SunlitSite $site, Thing $observer): array
    {
        $corners = [$observer->at()];
        foreach ($site->plan->things as $thing) {
            array_push($corners, ...$thing->corners);
        }
        $east = array_map(static fn(PlanPoint $p): float => $p->eastM, $corners);
        $north = array_map(static fn(PlanPoint $p): float => $p->northM, $corners);
        $format = max(self::FORMATS[0], min(self::FORMATS[1], (max($east) - min($east) + 1) / (max($north) - min($north) + 1)));
        $width = max(self::LEAST_SIZE_M, (max($east) - min($east)) * (1 + 2 * self::MARGIN), (max($north) - min($north)) * (1 + 2 * self::MARGIN) * $format);
        $height = $width / $format;

        return [
            round((max($east) + min($east) - $width) / 2, 2),
            round(-(max($north) + min($north)) / 2 - $height / 2, 2),
            round($width, 2),
            round($height, 2),
        ];
    }

    /**
     * @param array{float, float, float, float} $frame
     *
     * @return list<array{x: float, y: float, labelX: float, labelY: float, anchor: string, label: string, isMain: bool, isHidden: bool}>
     */
    private static function rays(SunlitSite $site, Thing $observer, array $frame): array
    {
        $skyline = Skyline::over($site->plan, $observer->at(), $observer->heightM);
        $rays = [];
        foreach (self::moments($site) as [$moment, $label, $isMain]) {
            $sun = $site->track->atTime($moment);
            if (!$sun->isUp()) {
                continue;
            }
            $length = min($frame[2] * ($isMain ? self::RAY : 0.8 * self::RAY), self::room($observer->at(), $sun->azimuthDeg, $frame));
            $end = (new PlanPoint(0, 0))->travel($sun->azimuthDeg, $length);
            $labelAt = (new PlanPoint(0, 0))->travel($sun->azimuthDeg, $length + $frame[2] / 60);
            $aside = sin(deg2rad($sun->azimuthDeg));
            $rays[] = [
                'x' => round($end->eastM, 2),
                'y' => round(-$end->northM, 2),
                'labelX' => round($labelAt->eastM, 2),
                'labelY' => round(-$labelAt->northM, 2),
                'anchor' => match (true) {
                    $aside > self::ASIDE => 'start',
                    $aside < -self::ASIDE => 'end',
                    default => 'middle',
                },
                'label' => $label,
                'isMain' => $isMain,
                'isHidden' => $skyline->visibilityOf($sun) !== DiscVisibility::Clear,
            ];
        }

        return $rays;
    }

    /**
     * How far a ray may run with its label still on the sheet.
     *
     * @param array{float, float, float, float} $frame
     */
    private static function room(PlanPoint $from, float $azimuthDeg, array $frame): float
    {
        [$left, $top, $width, $height] = $frame;
        $east = sin(deg2rad($azimuthDeg));
        $south = -cos(deg2rad($azimuthDeg));
        $aside = ($east > 0 ? $left + $width - $from->eastM : $from->eastM - $left) - $width * self::LABEL_WIDTH;
        $along = ($south > 0 ? $top + $height + $from->northM : -$from->northM - $top) - $height * self::LABEL_HEIGHT;

        return max($width / 20, min($aside / max(1e-6, abs($east)), $along / max(1e-6, abs($south))));
    }

    /**
     * First contact, maximum, last contact, and the half hours that are not too near to one of them.
     *
     * @return list<array{DateTimeImmutable, string, bool}>
     */
    private static function moments(SunlitSite $site): array
    {
        $here = $site->here;
        $moments = [];
        foreach ([ContactName::C1, ContactName::Maximum, ContactName::C4] as $name) {
            $contact = $here->circumstances->contact($name);
            if ($contact !== null) {
                $moments[] = [$contact->time(), SkyWords::contact($name) . ' ' . Clock::over($here)->minute($contact->time()), true];
            }
        }
        $main = array_map(static fn(array $m): int => (int) $m[0]->format('U'), $moments);
        $clock = $here->local($here->begins());
        $clock = $clock->setTime((int) $clock->format('G'), 0);
        for (; $clock < $here->ends(); $clock = $clock->modify('+' . self::FAN_MINUTES . ' minutes')) {
            $isNear = array_filter($main, static fn(int $m): bool => abs($m - (int) $clock->format('U')) <= self::APART_SECONDS) !== [];
            if ($clock > $here->begins() && !$isNear) {
                $moments[] = [$clock, $clock->format('H:i'), false];
            }
        }

        return $moments;
    }

    /** The longest of 1, 2, 5, 10, 20 … m that is not longer than asked. */
    private static function niceLength(float $most): float
    {
        $ten = 10 ** floor(log10($most));

        return $ten * ($most / $ten >= 5 ? 5 : ($most / $ten >= 2 ? 2 : 1));
    }
}
