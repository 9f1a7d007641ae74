<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use App\Domain\Sky\Eclipses;
use App\Drawings\Event\ShadowRibbon;
use App\Drawings\Sky\DiscSample;
use App\Drawings\Sky\SkyCurves;
use DateTimeImmutable;
use DateTimeZone;
use DOMDocument;
use Illuminate\Support\Facades\Blade;
use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\Horizon;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Tests\ReferenceTable;
use KeenShadow\Core\Viewers\Picture\BittenSun;
use KeenShadow\Core\Viewers\ScreenSide;
use Tests\RefreshDatabase;
use Tests\TestCase;

/**
 * What is drawn, read back: where on the disc, on the ribbon and on a viewer's screen the Moon stands at C1 and C4.
 *
 * Source: directions from the zenith by plain vectors (core/tests/Sky/reference/random-circumstances.csv, made with
 * swetest's places and ERFA's frames). Pictures are rounded to hundredths of a pixel: half a degree is plenty.
 */
final class DrawnAnglesTest extends TestCase
{
    use RefreshDatabase;

    private const WITHIN_DEG = 0.5;

    public function testTheBiteIsDrawnWhereTheReferenceHasIt(): void
    {
        $eclipses = app(Eclipses::class);
        $quadrants = [];
        foreach (ReferenceTable::read(base_path('core/tests/Sky/reference/random-circumstances.csv')) as $i => $row) {
            // A grazing eclipse is too quick at its ends, and a dozen tell as much as all.
            if ($i % 6 !== 0 || (float) $row['ref_magnitude'] < 0.2) {
                continue;
            }
            $here = LocalEclipse::seenFrom($eclipses->onDate($row['date']), Observer::at((float) $row['lat'], (float) $row['lon'], (float) $row['height_m']), new DateTimeZone('UTC'), $eclipses->ephemeris);
            $discs = $this->ribbonsMoons($here);
            foreach (['c1' => [ContactName::C1, 0], 'c4' => [ContactName::C4, 12]] as $key => [$name, $disc]) {
                $what = "{$row['date']} {$row['lat']} {$row['lon']} {$key}";
                $expected = (float) $row["ref_{$key}_zenith_deg"];
                $view = $here->circumstances->contact($name)?->view;
                self::assertNotNull($view, $what);

                $sample = DiscSample::of($view, '', '')->jsonSerialize();
                self::assertDrawn($expected, (float) $sample['x'], -(float) $sample['y'], "{$what}: disc");
                self::assertDrawn($expected, $discs[$disc][0], $discs[$disc][1], "{$what}: ribbon");
                // On a screen the image is upside down; from behind it is turned by 180°.
                $front = BittenSun::seen($view, ScreenSide::Front->turn());
                self::assertDrawn(180 - $expected, $front->moonX, -$front->moonY, "{$what}: screen");
                $behind = BittenSun::seen($view, ScreenSide::Behind->turn());
                self::assertDrawn($expected + 180, $behind->moonX, -$behind->moonY, "{$what}: screen from behind");
                $quadrants[((float) $row['lat'] > 0 ? 'north' : 'south') . ($view->azimuthDeg() < 180 ? ' east' : ' west')] = true;
            }
        }
        self::assertCount(4, $quadrants, 'both hemispheres, both sides of the meridian');
    }

    /**
     * Curves and ribbon read back: at the reference's maximum they show its obscuration and its altitude (refraction after
     * Sæmundsson, checked against Bennett elsewhere), and marks stand at the reference's times.
     */
    public function testCurvesAndMarksStandWhereTheReferenceHasThem(): void
    {
        $eclipses = app(Eclipses::class);
        $read = 0;
        foreach (ReferenceTable::read(base_path('core/tests/Sky/reference/random-circumstances.csv')) as $i => $row) {
            if ($i % 4 !== 0 || (float) $row['ref_altitude_deg'] < 3) {
                continue;
            }
            $what = "{$row['date']} {$row['lat']} {$row['lon']}";
            $here = LocalEclipse::seenFrom($eclipses->onDate($row['date']), Observer::at((float) $row['lat'], (float) $row['lon'], (float) $row['height_m']), new DateTimeZone('UTC'), $eclipses->ephemeris);
            $ribbon = ShadowRibbon::of($here, [], new DateTimeImmutable('2000-01-01'));
            $midnight = (new DateTimeImmutable("{$row['date']}T00:00:00Z"))->getTimestamp();
            $percent = static fn(string $key): float => 100 * ($midnight + (float) $row["ref_{$key}"] - $ribbon->begin->getTimestamp()) / ($ribbon->end->getTimestamp() - $ribbon->begin->getTimestamp());
            $curves = SkyCurves::of($here);

            // A curve of 120 pieces cuts the peak by a little.
            self::assertEqualsWithDelta(100 - 100 * (float) $row['ref_obscuration'], self::heightAt($curves->obscuration, $percent('max')), 2.0, "{$what}: covered");
            $top = (float) $curves->altitudeTicks[count($curves->altitudeTicks) - 1]->label;
            $onTop = 100 - $curves->altitudeTicks[count($curves->altitudeTicks) - 1]->at;
            $apparent = Horizon::apparentAltitudeDeg((float) $row['ref_altitude_deg']);
            self::assertEqualsWithDelta($apparent, (100 - self::heightAt($curves->altitude, $percent('max'))) * $top / $onTop, 0.2, "{$what}: altitude");
            foreach ($ribbon->contacts as $mark) {
                $key = ['C1' => 'c1', 'C4' => 'c4', 'C2' => 'max', 'Max' => 'max'][$mark->label] ?? self::fail($mark->label);
                self::assertEqualsWithDelta($percent($key), $mark->xPercent, 0.03, "{$what}: {$mark->label}");
            }
            ++$read;
        }
        self::assertGreaterThan(8, $read);
    }

    /** @param string $points "x,y x,y …" in percent */
    private static function heightAt(string $points, float $x): float
    {
        $pairs = array_map(static fn(string $p): array => array_map(floatval(...), explode(',', $p)), explode(' ', $points));
        foreach ($pairs as $i => [$to, $toY]) {
            [$from, $fromY] = $pairs[max(0, $i - 1)];
            if ($from < $x && $to >= $x) {
                return $fromY + ($toY - $fromY) * ($x - $from) / ($to - $from);
            }
        }
        self::fail("nothing is drawn at {$x} %");
    }

    /** @return list<array{float, float}> where each Moon's circle stands beside its Sun's in the ribbon's SVG */
    private function ribbonsMoons(LocalEclipse $here): array
    {
        $html = Blade::render('<x-ribbon :ribbon="$ribbon" />', ['ribbon' => ShadowRibbon::of($here, [], new DateTimeImmutable('2000-01-01'))]);
        $document = new DOMDocument();
        self::assertTrue($document->loadXML($html));
        $moons = [];
        foreach ($document->getElementsByTagName('circle') as $circle) {
            if ($circle->getAttribute('class') === 'ribbon-moon') {
                $moons[] = [(float) $circle->getAttribute('cx'), (float) $circle->getAttribute('cy')];
            }
        }
        self::assertCount(13, $moons);

        return $moons;
    }

    /** @param float $y as SVG has it, downwards */
    private static function assertDrawn(float $expectedDeg, float $x, float $y, string $what): void
    {
        $drawn = rad2deg(atan2(-$x, -$y));
        self::assertEqualsWithDelta(0.0, rad2deg(Angle::signedRad(deg2rad($drawn - $expectedDeg))), self::WITHIN_DEG, $what);
    }
}
