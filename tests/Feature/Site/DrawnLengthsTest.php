<?php

declare(strict_types=1);

namespace Tests\Feature\Site;

use App\Domain\Event\EventReader;
use App\Drawings\Site\BannerPlan;
use App\Drawings\Site\DoorwayDrawing;
use App\Drawings\Site\ShadeDrawing;
use App\Drawings\Site\TubeDrawing;
use App\Pages\Site\ShadowPage;
use DateTimeImmutable;
use KeenShadow\Core\Geometry\Angle;
use KeenShadow\Core\Site\Doorway\Banner;
use KeenShadow\Core\Site\Doorway\CutHole;
use KeenShadow\Core\Site\Plan\Facade;
use KeenShadow\Core\Site\Shadow\LongTube;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use KeenShadow\Core\Tests\ReferenceTable;

/**
 * Drawings of the site read back into degrees, metres and millimetres.
 *
 * Source of the Sun: ERFA (core/tests/Site/reference/sun.csv), the demo's yard on 26 January 2028; of the lengths: plane
 * trigonometry with those angles, worked out here from the drawing alone.
 */
final class DrawnLengthsTest extends SiteTestCase
{
    private const EYES = ['Children' => 1.15, 'Adults' => 1.6];
    private const BEHIND_M = 0.6;

    private SunlitSite $site;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withSchoolYard();
        $this->site = app(EventReader::class)->site($this->event);
    }

    public function testTheRaysThroughTheDoorwayStandAsSteepAsTheSun(): void
    {
        $drawn = 0;
        foreach ($this->instants() as [$moment, $azimuth, $altitude]) {
            $sun = $this->site->track->atTime($moment);
            $facade = $this->doorway();
            if (!$facade->isFacing($sun)) {
                continue;
            }
            $drawing = DoorwayDrawing::of($this->banner(), self::EYES, $sun);
            $aside = deg2rad(Angle::signedDeg($azimuth - $facade->bearingDeg));
            foreach ($drawing->people as $i => $person) {
                $eye = array_values(self::EYES)[$i];
                $steep = atan2($person['eyeY'] - $person['rayY'], $drawing->rayX - $drawing->personX);
                self::assertEqualsWithDelta($altitude, rad2deg($steep), 0.5, 'the ray');
                // Millimetres on paper become metres by the scale that is printed beside them.
                $metres = $drawing->oneTo / 1000;
                self::assertEqualsWithDelta(self::BEHIND_M / cos($aside), ($drawing->bannerX - $drawing->personX) * $metres, 0.02);
                self::assertEqualsWithDelta($eye, ($drawing->floorY - $person['eyeY']) * $metres, 0.01);
                self::assertNotNull($person['holeY']);
                self::assertEqualsWithDelta($eye + self::BEHIND_M * tan(deg2rad($altitude)) / cos($aside), ($drawing->floorY - $person['holeY']) * $metres, 0.02, 'hole height = eye + D·tan a / cos β (common practice)');
                ++$drawn;
            }
        }
        self::assertGreaterThan(6, $drawn);
    }

    public function testTheCuttingPlanPutsTheHolesWhereTheRaysMeetTheBanner(): void
    {
        $drawn = 0;
        foreach ($this->instants() as [$moment, $azimuth, $altitude]) {
            $sun = $this->site->track->atTime($moment);
            $holes = CutHole::allOf($this->banner(), self::EYES, $sun, $this->site->track->at($sun->julianDateUt + 600 / 86400));
            $facade = $this->doorway();
            $plan = BannerPlan::of($facade, $holes);
            $metres = $plan->oneTo / 1000;
            self::assertEqualsWithDelta($facade->widthM, $plan->widthMm * $metres, 0.01);
            foreach ($plan->holes as $i => $hole) {
                $aside = deg2rad(Angle::signedDeg($azimuth - $facade->bearingDeg));
                $at = self::EYES[$holes[$i]->who] + self::BEHIND_M * tan(deg2rad($altitude)) / cos($aside);
                $upper = $facade->headM - $hole['y'] * $metres;
                $lower = $upper - $hole['height'] * $metres;
                self::assertTrue($lower <= $at && $at <= $upper, "hole for {$holes[$i]->who} at {$altitude}°");
                // Aside by D·tan β from where its user stands, to the right as seen from inside when the Sun is.
                self::assertEqualsWithDelta(self::BEHIND_M * tan($aside), ($hole['middleX'] - $hole['standX']) * $metres, 0.12);
                ++$drawn;
            }
        }
        self::assertGreaterThan(1, $drawn);
    }

    public function testTheTubePointsAtTheSunAndShadowsAreAsLongAsTheyAre(): void
    {
        $tube = LongTube::of(0.9, 1.1);
        foreach ($this->instants() as [$moment, $azimuth, $altitude]) {
            $sun = $this->site->track->atTime($moment);
            if ($altitude < 2) {
                continue;
            }
            [$drawn] = TubeDrawing::of(['then' => $sun], $tube, 0.6)->tubes;
            self::assertEqualsWithDelta($altitude, rad2deg(atan2(-$drawn['y'] - 1.1, $drawn['x'])), 0.1);
            self::assertEqualsWithDelta(0.9, hypot($drawn['x'], -$drawn['y'] - 1.1), 0.002);
            self::assertEqualsWithDelta($altitude, rad2deg(atan2(-$drawn['propY'] - 1.1, $drawn['propX'])), 0.15);
            // 1 m upright throws cot(altitude), away from the Sun: in words and as the shade drawn on the plan.
            $shade = ShadeDrawing::of($this->site, $moment);
            self::assertSame(1, preg_match('/throws ([\d.]+) m of shadow towards (\d+)°/', $shade->words, $m));
            self::assertEqualsWithDelta(1 / tan(deg2rad($altitude)), (float) $m[1], 0.01 + 0.012 / tan(deg2rad($altitude)));
            self::assertEqualsWithDelta(0.0, Angle::signedDeg((float) $m[2] - $azimuth - 180), 0.6);
        }
        foreach (ShadowPage::of($this->site, 1.7, $tube, 0.6)->rows as $row) {
            $altitude = (float) $row['altitude'];
            if ($altitude > 5) {
                self::assertEqualsWithDelta(1.7 / tan(deg2rad($altitude)), (float) $row['pole'], 0.06 + 0.02 / tan(deg2rad($altitude)));
                self::assertEqualsWithDelta(1.1 + 0.9 * sin(deg2rad($altitude)), (float) $row['upper'], 0.01);
            }
        }
    }

    private function doorway(): Facade
    {
        return array_values(array_filter(Facade::allOf($this->site->plan), static fn(Facade $f): bool => $f->name === 'Doorway B'))[0];
    }

    private function banner(): Banner
    {
        return Banner::across($this->doorway(), self::BEHIND_M, $this->site->plan);
    }

    /** @return iterable<array{DateTimeImmutable, float, float}> moment, azimuth, apparent altitude */
    private function instants(): iterable
    {
        foreach (ReferenceTable::read(base_path('core/tests/Site/reference/sun.csv')) as $row) {
            if ($row['date'] === '2028-01-26') {
                yield [new DateTimeImmutable($row['utc']), (float) $row['azimuth_deg'], (float) $row['apparent_altitude_deg']];
            }
        }
    }
}
