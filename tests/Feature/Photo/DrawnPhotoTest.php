<?php

declare(strict_types=1);

namespace Tests\Feature\Photo;

use App\Domain\Photo\EventCameras;
use App\Drawings\Photo\CompositeDrawing;
use App\Drawings\Photo\FrameDrawing;
use App\Drawings\Photo\ShotLane;
use App\Drawings\Photo\TotalityLine;
use App\Drawings\Site\Projection;
use KeenShadow\Core\Photo\Composite;
use KeenShadow\Core\Photo\Frame;
use KeenShadow\Core\Photo\Programme\CameraPlan;
use KeenShadow\Core\Photo\Sensor;
use KeenShadow\Core\Sky\SunPosition;
use KeenShadow\Core\Time\JulianDate;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Drawings of photographs turned back into millimetres, degrees and seconds. */
final class DrawnPhotoTest extends TestCase
{
    use RefreshDatabase;
    use WithCameras;
    use WithEvent;

    /** By hand, at the eclipse of 2 August 2027 with the Sun 31.55′ wide: 600 mm make 5.5066 mm of it, half a degree 5.236 mm; on the driven mount it stands in the middle. */
    public function testTheSunIsDrawnToScaleInTheFrame(): void
    {
        $plan = $this->plan();
        $drawing = FrameDrawing::of($plan);
        $mm = static fn(float $px): float => $px / $drawing->pxPerMm;
        self::assertEqualsWithDelta([22.3, 14.9, 5.5066 / 2, 5.5066 / 2 * 2.5, 5.236], array_map($mm, [$drawing->width, $drawing->height, $drawing->sunPx, $drawing->coronaPx, $drawing->barPx]), 0.01);
        self::assertEqualsWithDelta([22.3 / 2, 14.9 / 2], array_map($mm, [$drawing->sunX, $drawing->sunY]), 0.01);
        self::assertSame([$drawing->sunX, $drawing->sunY], [$drawing->endX, $drawing->endY]);
    }

    /** On a mount that stands still the corona touches the edge where it starts and where it leaves; in between the Sun goes 15″ a second by the cosine of its declination of 17.8°. */
    public function testItGoesThroughTheFrameAsLongAsItIsSaid(): void
    {
        $plan = $this->plan(['mount' => ['tracks' => false], 'optics' => ['build' => 'lens', 'focal_mm' => 300, 'f_number' => 5.6, 'aperture_mm' => null]]);
        $drawing = FrameDrawing::of($plan);
        $mm = static fn(float $px): float => $px / $drawing->pxPerMm;
        $wayMm = hypot($mm($drawing->endX - $drawing->sunX), $mm($drawing->endY - $drawing->sunY));
        self::assertEqualsWithDelta($plan->passage->staysS * 15 / 3600 * cos(deg2rad(17.8)), rad2deg(2 * atan($wayMm / 600)), 0.005);
        self::assertEqualsWithDelta(0.0, min($drawing->sunX - $drawing->coronaPx, $drawing->height - $drawing->sunY - $drawing->coronaPx), 0.05);
        self::assertEqualsWithDelta(0.0, min($drawing->width - $drawing->endX - $drawing->coronaPx, $drawing->endY - $drawing->coronaPx), 0.05);
        // In the morning it rises to the right.
        self::assertGreaterThan($drawing->sunX, $drawing->endX);
        self::assertLessThan($drawing->sunY, $drawing->endY);
    }

    /** The line read back into seconds: the ticks say which, and every bar stands where the list has it. */
    public function testTheTimeLineHasTheListsSeconds(): void
    {
        $list = $this->plan()->totality;
        $line = TotalityLine::of($list, 4.0);
        self::assertNotNull($line);
        [$first, $second] = $line->ticks;
        $perSecond = ($second->at - $first->at) / ((float) $second->label - (float) $first->label);
        $seconds = static fn(float $x): float => ($x - $first->at) / $perSecond;
        $since = static fn(?float $ut): float => ((float) $ut - (float) $list->offUt) * 86400;
        foreach ($list->shots as $i => $shot) {
            self::assertEqualsWithDelta([$since($shot->fromUt), $since($shot->toUt)], [$seconds($line->shots[$i]['x']), $seconds($line->shots[$i]['x'] + $line->shots[$i]['width'])], 0.02);
        }
        self::assertEqualsWithDelta([0.0, $since($list->onUt), $since($list->onUt) - 10], [$seconds($line->free['x']), $seconds($line->free['x'] + $line->free['width']), $seconds($line->warning)], 0.02);
        self::assertEqualsWithDelta([4.0, $since($list->onUt) - 4], [$seconds($line->hands[0]['x'] + $line->hands[0]['width']), $seconds($line->hands[1]['x'])], 0.02);
    }

    public function testTheLaneHasTheRibbonsTimes(): void
    {
        $plan = $this->plan();
        [$begin, $end] = [$plan->seen->here->spanBegins(), $plan->seen->here->spanEnds()];
        $lane = ShotLane::of('A', $plan, $begin, $end);
        $ut = static fn(float $percent): float => JulianDate::fromDateTime($begin) + $percent / 100 * (JulianDate::fromDateTime($end) - JulianDate::fromDateTime($begin));
        self::assertCount(count($plan->partial), $lane->pictures);
        foreach ($plan->partial as $i => $picture) {
            self::assertEqualsWithDelta(0.0, ($picture->julianDateUt - $ut($lane->pictures[$i])) * 86400, 0.2);
        }
        self::assertEqualsWithDelta(0.0, ((float) $plan->totality->offUt - $ut($lane->free['x'] ?? 0.0)) * 86400, 0.2);
    }

    /** By hand, 50 mm and 36 × 24 mm level to the north, where azimuths begin anew: corners 19.799° to the side and 12.725° high; discs where the Sun stands, as large as it is. */
    public function testThePictureLiesOverThePanoramaToScale(): void
    {
        $suns = array_map(static fn(float $azimuth): SunPosition => new SunPosition(2461000.5, $azimuth, 0.0, 0.265, 0.0), [350.0, 0.0, 10.0]);
        $composite = Composite::of(Frame::of(50, Sensor::of(36, 24, 4), 31.8), $suns, 0.0);
        self::assertNotNull($composite);
        $on = new Projection(330.0, 60.0, 20.0, -20.0);
        $drawing = CompositeDrawing::of($composite, $suns, [], $on);
        $degrees = static fn(float $x, float $y): array => [330 + $x / $on->scale, 20 - $y / $on->scale];
        $edge = array_map(static fn(string $point): array => $degrees(...array_map(floatval(...), explode(',', $point))), explode(' ', $drawing->edge));
        self::assertEqualsWithDelta([360 - 19.799, -12.725], $edge[0], 0.01);
        self::assertEqualsWithDelta([360 + 19.799, 12.725], $edge[2 * 24], 0.01);
        foreach ($drawing->discs as $i => $disc) {
            self::assertEqualsWithDelta([350.0 + 10 * $i, 0.0], $degrees($disc['x'], $disc['y']), 0.01);
            self::assertEqualsWithDelta(0.265, $disc['r'] / $on->scale, 0.001);
        }
        // In the picture itself: f·tan 10° from the middle, on the level.
        self::assertEqualsWithDelta(50 * tan(deg2rad(10)), ($drawing->inside[2]['x'] - $drawing->width / 2) / $drawing->pxPerMm, 0.01);
        self::assertEqualsWithDelta($drawing->levelY, $drawing->inside[1]['y'], 0.01);
        self::assertEqualsWithDelta(50 * deg2rad(0.265), $drawing->inside[1]['r'] / $drawing->pxPerMm, 0.005);
    }

    /** @param array<string, array<string, mixed>|null> $kit */
    private function plan(array $kit = []): CameraPlan
    {
        return app(EventCameras::class)->of(self::cameraOf($this->event, $this->user, kit: $kit));
    }
}
