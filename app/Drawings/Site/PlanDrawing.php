<?php

declare(strict_types=1);

namespace App\Drawings\Site;

use App\Drawings\LabelSpace;
use App\Drawings\PlacedText;
use App\Drawings\SvgPoint;
use App\Drawings\ViewBox;
use App\Text\Clock;
use App\Text\SkyWords;
use DateTimeImmutable;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Skyline\DiscVisibility;
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
    /** Length of the Sun's ray, and the room that a label takes, as fractions of the picture. */
    private const RAY = 0.42;
    private const LABEL_WIDTH = 0.22;
    private const LABEL_HEIGHT = 0.05;
    /** From this sine of the azimuth on a label stands beside the ray's end. */
    private const ASIDE = 0.3;
    private const FAN_MINUTES = 30;
    /** Two rays nearer in time than this share a label. */
    private const APART_SECONDS = 600;

    /**
     * @param list<PlanShape> $grounds
     * @param list<PlanShape> $standing what stands on the ground, places last
     * @param SvgPoint $spot from which the rays go out
     * @param list<Ray> $rays
     * @param float $barM length of the scale bar
     */
    private function __construct(
        public ViewBox $box,
        public array $grounds,
        public array $standing,
        public int $spotIndex,
        public SvgPoint $spot,
        public array $rays,
        public float $barM,
    ) {}

    public static function of(SunlitSite $site, Thing $observer): self
    {
        $box = self::box($site, $observer);
        $letter = self::letterFor($box);
        $rays = self::rays($site, $observer, $box);
        $spot = SvgPoint::of($observer->at());
        $labels = new LabelSpace($letter);
        foreach ($site->plan->places() as $place) {
            $at = SvgPoint::of($place->at());
            $labels->mark($at->x, $at->y, self::DOT_LETTERS * $letter);
        }
        foreach ($rays as $ray) {
            $labels->line($spot->x, $spot->y, $spot->x + $ray->x, $spot->y + $ray->y);
        }
        // The contacts come first, then names; a half hour without room for its label goes without.
        $rays = self::labelled($rays, true, $spot, $labels);
        $shapes = [];
        foreach (self::namedInOrder($site->plan->things) as $index => $thing) {
            $shapes[$index] = PlanShape::of($index, $thing, $labels, $letter);
        }
        $rays = self::labelled($rays, false, $spot, $labels);
        ksort($shapes);
        $grounds = array_values(array_filter($shapes, static fn(PlanShape $s): bool => $s->thing->kind->isGround()));
        $standing = array_values(array_filter($shapes, static fn(PlanShape $s): bool => !$s->thing->kind->isGround()));
        usort($standing, static fn(PlanShape $a, PlanShape $b): int => [$a->thing->kind->isPlace(), $a->index] <=> [$b->thing->kind->isPlace(), $b->index]);

        return new self(
            box: $box,
            grounds: $grounds,
            standing: $standing,
            spotIndex: (int) array_search($observer, $site->plan->things, true),
            spot: $spot,
            rays: $rays,
            barM: self::niceLength($box->width / 5),
        );
    }

    /** Height of a letter. */
    public function letterM(): float
    {
        return self::letterFor($this->box);
    }

    /** The longest of 1, 2, 5, 10, 20 … m that is not longer than asked. */
    private static function niceLength(float $most): float
    {
        $ten = 10 ** floor(log10($most));

        return $ten * ($most / $ten >= 5 ? 5 : ($most / $ten >= 2 ? 2 : 1));
    }

    private static function letterFor(ViewBox $box): float
    {
        return round($box->width / self::LETTERS, 2);
    }

    /**
     * Main rays or the others with their labels, where there is room for them.
     *
     * @param list<Ray> $rays
     *
     * @return list<Ray>
     */
    private static function labelled(array $rays, bool $isMain, SvgPoint $spot, LabelSpace $labels): array
    {
        return array_map(static fn(Ray $ray): Ray => $ray->isMain !== $isMain || $labels->claim($ray->label->movedBy($spot)) ? $ray : $ray->withoutLabel(), $rays);
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

    private static function box(SunlitSite $site, Thing $observer): ViewBox
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

        return new ViewBox(
            left: round((max($east) + min($east) - $width) / 2, 2),
            top: round(-(max($north) + min($north)) / 2 - $height / 2, 2),
            width: round($width, 2),
            height: round($height, 2),
        );
    }

    /** @return list<Ray> */
    private static function rays(SunlitSite $site, Thing $observer, ViewBox $box): array
    {
        $skyline = $site->outlookFrom($observer)->skyline;
        $rays = [];
        foreach (self::moments($site) as [$moment, $label, $isMain]) {
            $sun = $site->track->atTime($moment);
            if (!$sun->isUp()) {
                continue;
            }
            $length = min($box->width * ($isMain ? self::RAY : 0.8 * self::RAY), self::room($observer->at(), $sun->azimuthDeg, $box));
            $end = (new PlanPoint(0, 0))->travel($sun->azimuthDeg, $length);
            $labelAt = (new PlanPoint(0, 0))->travel($sun->azimuthDeg, $length + $box->width / 60);
            $aside = sin(deg2rad($sun->azimuthDeg));
            $anchor = match (true) {
                $aside > self::ASIDE => 'start',
                $aside < -self::ASIDE => 'end',
                default => 'middle',
            };
            $rays[] = new Ray(
                round($end->eastM, 2),
                round(-$end->northM, 2),
                new PlacedText(round($labelAt->eastM, 2), round(-$labelAt->northM, 2), $anchor, $label),
                $isMain,
                $skyline->visibilityOf($sun) !== DiscVisibility::Clear,
            );
        }

        return $rays;
    }

    /** How far a ray may run with its label still inside. */
    private static function room(PlanPoint $from, float $azimuthDeg, ViewBox $box): float
    {
        $east = sin(deg2rad($azimuthDeg));
        $south = -cos(deg2rad($azimuthDeg));
        $aside = ($east > 0 ? $box->left + $box->width - $from->eastM : $from->eastM - $box->left) - $box->width * self::LABEL_WIDTH;
        $along = ($south > 0 ? $box->top + $box->height + $from->northM : -$from->northM - $box->top) - $box->height * self::LABEL_HEIGHT;

        return max($box->width / 20, min($aside / max(1e-6, abs($east)), $along / max(1e-6, abs($south))));
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
}
