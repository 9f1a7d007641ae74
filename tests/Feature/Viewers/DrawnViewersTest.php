<?php

declare(strict_types=1);

namespace Tests\Feature\Viewers;

use App\Drawings\Viewers\PatternDrawing;
use App\Drawings\Viewers\SideView;
use App\Drawings\Viewers\Stroke;
use App\Drawings\Viewers\TradeOffCurve;
use App\Drawings\Viewers\TrueSize;
use KeenShadow\Core\Viewers\Design\Build;
use KeenShadow\Core\Viewers\Design\Design;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use KeenShadow\Core\Viewers\Light;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Drawings of viewers turned back into millimetres, lux and details, against figures worked by hand in core/tests/Viewers/OpticsTest. */
final class DrawnViewersTest extends TestCase
{
    /** The Sun is 32′ wide: 9.3085 mm at a metre. */
    private const IMAGE = 0.0093085;

    /** @return iterable<string, array{array<string, mixed>, float, float, float}> the design; mm from its front to the screen, of the opening, and of the light's patch on the screen */
    public static function viewers(): iterable
    {
        yield 'a box' => [['build' => 'box', 'distance_mm' => 300, 'hole_mm' => 0.6], 300, 0.6, 300 * self::IMAGE + 0.6];
        yield 'a long tube' => [['build' => 'mailing_tube', 'distance_mm' => 900, 'hole_mm' => 1.2], 900, 1.2, 900 * self::IMAGE + 1.2];
        yield 'a hole as wide as the image' => [['build' => 'two_cards', 'distance_mm' => 1000, 'hole_mm' => 20], 1000, 20, 1000 * self::IMAGE + 20];
        yield 'a mirror' => [['build' => 'mirror', 'distance_mm' => 20000, 'hole_mm' => 50], 20000, 50, 20000 * self::IMAGE + 50];
        yield 'a lens in focus' => [['build' => 'reading_lens', 'distance_mm' => 1000, 'hole_mm' => 10, 'focal_mm' => 1000], 1000, 10, 1000 * self::IMAGE];
        // Thin lenses: 700 mm and 20 mm with the screen at 300 mm throw as 9800 mm would.
        yield 'a telescope' => [['build' => 'telescope'], 700 + 20 + 300, 60, 9800 * self::IMAGE];
        yield 'a telescope nearby' => [['build' => 'telescope', 'distance_mm' => 120], 700 + 20 + 120, 60, 3500 * self::IMAGE];
    }

    /** @param array<string, mixed> $record */
    #[DataProvider('viewers')]
    public function testTheSideViewIsToScale(array $record, float $lengthMm, float $openingMm, float $patchMm): void
    {
        $side = SideView::of(self::design($record), Light::of(), 38.0);
        self::assertEqualsWithDelta($lengthMm, $side->screenPx / $side->pxPerMm, 0.02 / $side->pxPerMm);
        self::assertLessThanOrEqual($side->leftPx + $side->widthPx, $side->screenPx);
        $areas = array_filter($side->strokes, static fn(Stroke $stroke): bool => in_array($stroke->class, ['side-light', 'side-core'], true));
        self::assertEqualsWithDelta($patchMm, max([0.0, ...array_map(fn(Stroke $s): float => self::heightAt($s, $side->screenPx), $areas)]) / $side->pxPerMm, 0.05 / $side->pxPerMm);
        self::assertEqualsWithDelta($openingMm, max([0.0, ...array_map(fn(Stroke $s): float => self::heightAt($s, 0.0), $areas)]) / $side->pxPerMm, 0.05 / $side->pxPerMm);
        self::assertEqualsWithDelta($side->barMm, $side->barPx() / $side->pxPerMm, 0.01 / $side->pxPerMm);
        foreach ($side->strokes as $stroke) {
            foreach ($stroke->class === 'side-head' ? [] : self::points($stroke->points) as [, $y]) {
                self::assertTrue($side->topPx <= $y && $y <= $side->bottomPx, $stroke->class);
            }
        }
    }

    /** A mirror halves the angle between the light that comes, as high as the Sun stands, and the light that goes. */
    public function testTheMirrorIsDrawnAsItReflects(): void
    {
        foreach ([5.0, 38.0, 80.0] as $sunDeg) {
            $side = SideView::of(self::design(['build' => 'mirror']), Light::of(), $sunDeg);
            $strokes = array_column(array_map(static fn(Stroke $s): array => [$s->class, self::points($s->points)], $side->strokes), 1, 0);
            [[$x, $y]] = $strokes['side-ray'];
            self::assertEqualsWithDelta($sunDeg, rad2deg(atan2(-$y, -$x)), 0.1);
            [[$x1, $y1], [$x2, $y2]] = $strokes['side-mirror'];
            self::assertEqualsWithDelta($sunDeg / 2, rad2deg(atan2($y2 - $y1, $x2 - $x1)), 0.1);
        }
    }

    /**
     * The curves read back at the widths that they are drawn for. 900 mm: the Sun's image is 8.3777 mm; d = 1.2 mm gives 1.5662 mm of
     * blur and 100 000·(1.2/8.3777)² lx, d = 6 mm 6.0034 mm and 51 293 lx.
     */
    public function testTheCurvesAreDrawnWhereTheFiguresAre(): void
    {
        foreach ([[1.2, 8.3777 / 1.5662, 2051.7], [6.0, 8.3777 / 6.0034, 51293.0]] as [$mm, $details, $lux]) {
            $curve = TradeOffCurve::of(self::design(['build' => 'mailing_tube', 'distance_mm' => 900, 'hole_mm' => $mm]), Light::of());
            self::assertEqualsWithDelta($mm, $curve->leastMm * ($curve->mostMm / $curve->leastMm) ** ($curve->hereX / TradeOffCurve::WIDTH_PX), 0.001 * $mm);
            // By the ticks: details are linear from the bottom, lux by decades.
            [$first] = $curve->sharpness;
            $perDetail = (TradeOffCurve::HEIGHT_PX - $first->at) / (float) $first->label;
            self::assertEqualsWithDelta($details, (TradeOffCurve::HEIGHT_PX - $curve->hereDetailsY) / $perDetail, 0.02);
            self::assertEqualsWithDelta(3.0, (TradeOffCurve::HEIGHT_PX - $curve->fewestY) / $perDetail, 0.02);
            [$top, $next] = $curve->brightness;
            self::assertSame(['100 000', '10 000'], array_map(static fn(string $label): string => (string) preg_replace('/\s/u', ' ', $label), [$top->label, $next->label]));
            self::assertEqualsWithDelta($lux, 1e5 * 10 ** (-($curve->hereLuxY - $top->at) / ($next->at - $top->at)), 0.005 * $lux);
            // The hole is as wide as the image where the curve says that it is blind; the best holes by their formula.
            self::assertEqualsWithDelta(8.3777, $curve->leastMm * ($curve->mostMm / $curve->leastMm) ** ((float) $curve->blindX / TradeOffCurve::WIDTH_PX), 0.01);
            foreach ($curve->best as $best) {
                self::assertEqualsWithDelta((float) $best->label * sqrt(550e-6 * 900), $curve->leastMm * ($curve->mostMm / $curve->leastMm) ** ($best->at / TradeOffCurve::WIDTH_PX), 0.01);
            }
            foreach ($curve->widths as $tick) {
                $read = $curve->leastMm * ($curve->mostMm / $curve->leastMm) ** ($tick->at / TradeOffCurve::WIDTH_PX);
                self::assertEqualsWithDelta((float) $tick->label, $read, 0.002 * $read);
            }
            self::assertCount(count(self::points($curve->details)), self::points($curve->lux));
            $onCurve = array_filter(self::points($curve->details), static fn(array $p): bool => abs($p[0] - $curve->hereX) < 6);
            self::assertNotSame([], $onCurve);
            foreach ($onCurve as [, $y]) {
                self::assertEqualsWithDelta($curve->hereDetailsY, $y, 14.0, 'the mark lies on its curve');
            }
        }
    }

    /** Holes and images of a pattern at one scale: as far apart, as wide and as soft as they are. At 2 m the image is 18.617 mm, 4 mm of hole blur 4.0559 mm. */
    public function testThePatternIsToScale(): void
    {
        foreach ([[], ['outline' => '0,0 100,0 100,50', 'figure_mm' => 500]] as $figure) {
            $drawing = PatternDrawing::of(self::design($figure + ['build' => 'pattern', 'distance_mm' => 2000, 'hole_mm' => 4]), Light::of());
            self::assertEqualsWithDelta(18.617, 2 * $drawing->sunPx / $drawing->pxPerMm, 0.02 / $drawing->pxPerMm);
            self::assertEqualsWithDelta(4.0, 2 * $drawing->holePx / $drawing->pxPerMm, 0.02 / $drawing->pxPerMm);
            self::assertEqualsWithDelta(4.0559 / 4, $drawing->blurPx / $drawing->pxPerMm, 0.02 / $drawing->pxPerMm);
            $nearest = INF;
            foreach ($drawing->holes as $i => $hole) {
                foreach (array_slice($drawing->holes, $i + 1) as $other) {
                    $nearest = min($nearest, hypot($hole['x'] - $other['x'], $hole['y'] - $other['y']));
                }
                self::assertTrue($hole['x'] < $drawing->widthPx && $hole['y'] < $drawing->heightPx);
            }
            self::assertEqualsWithDelta(18.617 + 4.0559, $nearest / $drawing->pxPerMm, 0.5);
            self::assertSame([1, -1], [$drawing->flipX, $drawing->flipY], 'upside down, left stays left');
        }
    }

    /** The picture and the bar beside it have one scale, and nothing is drawn larger than it is. */
    public function testTheTrueSize(): void
    {
        foreach (Build::cases() as $build) {
            $image = self::design(['build' => $build->value])->image(Light::of());
            $size = TrueSize::of($image);
            // Of the Sun and its blur: half as much again at most, but for the rings of a tiny hole.
            $sunMm = $image->diameterMm / $size->oneTo;
            self::assertTrue($size->frameMm > $sunMm && $size->frameMm <= 60, $build->value);
            self::assertEqualsWithDelta($size->barMm, $size->barOnPageMm() * $size->oneTo, 1e-9);
            self::assertLessThanOrEqual($size->frameMm, $size->barOnPageMm());
        }
        self::assertSame(1, TrueSize::of(self::design(['build' => 'mailing_tube'])->image(Light::of()))->oneTo);
    }

    /** @param array<string, mixed> $record */
    private static function design(array $record): Design
    {
        return DesignRecord::read(['text' => 'SOL'] + $record, isWhole: false);
    }

    /** From the lowest to the highest point of an area at an x that it has corners at. */
    private static function heightAt(Stroke $stroke, float $x): float
    {
        $ys = array_column(array_filter(self::points($stroke->points), static fn(array $p): bool => abs($p[0] - $x) < 0.02), 1);

        return $ys === [] ? 0.0 : max($ys) - min($ys);
    }

    /** @return list<array{float, float}> */
    private static function points(string $points): array
    {
        return array_map(static function (string $point): array {
            [$x, $y] = explode(',', $point);

            return [(float) $x, (float) $y];
        }, explode(' ', $points));
    }
}
