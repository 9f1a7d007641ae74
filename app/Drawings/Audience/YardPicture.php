<?php

declare(strict_types=1);

namespace App\Drawings\Audience;

use App\Domain\Audience\EventYard;
use App\Drawings\SvgPoint;
use App\Drawings\ViewBox;
use App\Models\Audience\AudienceStation;
use App\Text\AudienceWords;
use App\Text\Clock;
use KeenShadow\Core\Audience\Crowd\Visit;
use KeenShadow\Core\Audience\Yard\BestMinutes;
use KeenShadow\Core\Audience\Yard\Yard;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Sky\LocalEclipse;

/** The yard from above with its stations, and who is where at every second; metres, x east, y south. */
final readonly class YardPicture
{
    private const MOST_DOTS = 400;
    private const LEAST_SIZE_M = 30.0;
    private const MARGIN_M = 12.0;
    /** Width over height. */
    private const FORMAT = 1.6;
    /** What is not on the plan stands so far apart in a row below it. */
    private const ROW_M = 14.0;
    /** Stations at one place are drawn beside each other. */
    private const BESIDE_M = 5.0;
    private const LETTERS = 40;

    /**
     * @param list<array{kind: string, shape: string, points: string, at: SvgPoint, radiusM: float}> $things of the plan around
     * @param list<array{name: string, at: SvgPoint, isPlaced: bool}> $stations
     * @param int $peoplePerDot
     * @param string $moves as JSON: places of the stations, and of each dot its visits: station, came, began, ended (seconds from the begin), seconds on foot before
     * @param int $beginS the first contact by the local clock, in seconds of the day
     */
    private function __construct(
        public ViewBox $box,
        public array $things,
        public array $stations,
        public int $peoplePerDot,
        public string $moves,
        public int $beginS,
        public int $endS,
        public int $bestS,
    ) {}

    /** @param list<Visit> $visits */
    public static function of(EventYard $yard, Yard $day, array $visits, SitePlan $plan, LocalEclipse $here, BestMinutes $minutes): self
    {
        $points = self::points($yard);
        $box = self::box([...$points, ...($yard->entrance() === null ? [] : [$yard->entrance()])]);
        $visitors = array_unique(array_map(static fn(Visit $v): int => $v->visitor, $visits));
        $perDot = max(1, (int) ceil(count($visitors) / self::MOST_DOTS));
        $stations = [];
        foreach ($yard->stations as $number => $station) {
            $stations[] = ['name' => AudienceWords::method($station->method), 'at' => SvgPoint::of($points[$number]), 'isPlaced' => $yard->thingOf($station) !== null];
        }
        $last = max([0.0, ...array_map(static fn(Visit $v): float => $v->endedS, $visits)]);

        return new self(
            box: $box,
            things: self::things($plan, $box),
            stations: $stations,
            peoplePerDot: $perDot,
            moves: self::moves($day, $visits, $perDot, $stations, $yard->entrance()),
            beginS: Clock::secondOfDay($here->local($here->begins())),
            endS: (int) ceil(max($minutes->toS, min($last, $minutes->endS))),
            bestS: (int) $minutes->bestS,
        );
    }

    public function letterM(): float
    {
        return round($this->box->width / self::LETTERS, 2);
    }

    /** @return list<PlanPoint> where each station is drawn */
    private static function points(EventYard $yard): array
    {
        $placed = array_map(static fn(AudienceStation $s): ?PlanPoint => $yard->thingOf($s)?->middle, $yard->stations);
        $known = array_values(array_filter([...$placed, $yard->entrance()], static fn(?PlanPoint $p): bool => $p !== null));
        $west = $known === [] ? 0.0 : min(array_map(static fn(PlanPoint $p): float => $p->eastM, $known));
        $south = $known === [] ? 0.0 : min(array_map(static fn(PlanPoint $p): float => $p->northM, $known)) - self::ROW_M;
        $points = [];
        $row = 0;
        foreach ($placed as $point) {
            $point ??= new PlanPoint($west + self::ROW_M * $row++, $south);
            $isTaken = static fn(PlanPoint $p): bool => array_filter($points, static fn(PlanPoint $other): bool => $other->distanceM($p) < 1.0) !== [];
            while ($isTaken($point)) {
                $point = new PlanPoint($point->eastM + self::BESIDE_M, $point->northM);
            }
            $points[] = $point;
        }

        return $points;
    }

    /** @param list<PlanPoint> $points */
    private static function box(array $points): ViewBox
    {
        $first = $points[0] ?? new PlanPoint(0.0, 0.0);
        $east = [$first->eastM, ...array_map(static fn(PlanPoint $p): float => $p->eastM, $points)];
        $north = [$first->northM, ...array_map(static fn(PlanPoint $p): float => $p->northM, $points)];
        $width = max(self::LEAST_SIZE_M, max($east) - min($east) + 2 * self::MARGIN_M, self::FORMAT * (max($north) - min($north) + 2 * self::MARGIN_M));
        $height = $width / self::FORMAT;

        return new ViewBox(round((max($east) + min($east) - $width) / 2, 2), round(-(max($north) + min($north)) / 2 - $height / 2, 2), round($width, 2), round($height, 2));
    }

    /** @return list<array{kind: string, shape: string, points: string, at: SvgPoint, radiusM: float}> that reach into the picture, ground first */
    private static function things(SitePlan $plan, ViewBox $box): array
    {
        $middle = new PlanPoint($box->left + $box->width / 2, -$box->top - $box->height / 2);
        $near = array_values(array_filter($plan->things, static fn(Thing $t): bool => !$t->kind->isPlace() && $t->middle->distanceM($middle) - $t->reachM - $t->radiusM < hypot($box->width, $box->height) / 2));
        usort($near, static fn(Thing $a, Thing $b): int => $b->kind->isGround() <=> $a->kind->isGround());

        return array_map(static fn(Thing $t): array => [
            'kind' => $t->kind->value,
            'shape' => $t->kind->shape()->value,
            'points' => implode(' ', array_map(static function (PlanPoint $p): string {
                $at = SvgPoint::of($p);

                return "{$at->x},{$at->y}";
            }, $t->points)),
            'at' => SvgPoint::of($t->middle),
            'radiusM' => $t->radiusM,
        ], $near);
    }

    /**
     * @param list<Visit> $visits
     * @param list<array{name: string, at: SvgPoint, isPlaced: bool}> $stations
     */
    private static function moves(Yard $day, array $visits, int $perDot, array $stations, ?PlanPoint $entrance): string
    {
        $dots = $step = [];
        foreach ($visits as $visit) {
            $number = $step[$visit->visitor] = ($step[$visit->visitor] ?? -1) + 1;
            if ($visit->visitor % $perDot === 0) {
                $walkS = $day->parties[$visit->party]->walksS[$number] ?? 0.0;
                $dots[$visit->visitor][] = [$visit->station, round($visit->cameS), round($visit->beganS), round($visit->endedS), round($walkS)];
            }
        }
        $from = $entrance === null ? null : SvgPoint::of($entrance);

        return (string) json_encode([
            'stations' => array_map(static fn(array $s): array => [$s['at']->x, $s['at']->y], $stations),
            'from' => $from === null ? null : [$from->x, $from->y],
            'dots' => array_values($dots),
        ]);
    }
}
