<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use App\Drawings\ScreenImage;
use App\Drawings\ShadowRibbon;
use App\Pages\Sky\DiscSample;
use App\Pages\Sky\Eclipses;
use App\Pages\Sky\LocalEclipse;
use DateTimeImmutable;
use DateTimeZone;
use DOMDocument;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Blade;
use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Sky\ContactName;
use KeenShadow\Core\Sky\Observer;
use KeenShadow\Core\Tests\ReferenceTable;
use KeenShadow\Core\Viewers\Pinhole;
use KeenShadow\Core\Viewers\ScreenSide;
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
                $pinhole = Pinhole::of(900, 1.2, 2 * $view->sunSemidiameterDeg());
                $front = ScreenImage::of($pinhole, $view, ScreenSide::Front);
                self::assertDrawn(180 - $expected, $front->moonXMm, $front->moonYMm, "{$what}: screen");
                $behind = ScreenImage::of($pinhole, $view, ScreenSide::Behind);
                self::assertDrawn($expected + 180, $behind->moonXMm, $behind->moonYMm, "{$what}: screen from behind");
                $quadrants[((float) $row['lat'] > 0 ? 'north' : 'south') . ($view->azimuthDeg() < 180 ? ' east' : ' west')] = true;
            }
        }
        self::assertCount(4, $quadrants, 'both hemispheres, both sides of the meridian');
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
