<?php

declare(strict_types=1);

namespace Tests\Feature\Event;

use App\Domain\Sky\Eclipses;
use App\Drawings\Event\RibbonDisc;
use App\Drawings\Event\RibbonMark;
use App\Drawings\Event\ShadowRibbon;
use App\Models\Event;
use DateTimeImmutable;
use KeenShadow\Core\Sky\ContactName;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The shadow ribbon against what it draws. */
final class RibbonTest extends TestCase
{
    use RefreshDatabase;

    public function testTheDiscsShowWhatIsCovered(): void
    {
        $ribbon = $this->ribbon('2027-08-02');
        $apart = array_map(static fn(RibbonDisc $d): float => hypot($d->moonX, $d->moonY), $ribbon->discs);
        $radius = ShadowRibbon::DISC_RADIUS_PX;

        self::assertCount(13, $ribbon->discs);
        // Limbs touch at the ends, the discs cover each other in the middle, nearer and nearer in between.
        foreach ([0, 12] as $end) {
            self::assertEqualsWithDelta($radius + $ribbon->discs[$end]->moonRadius, $apart[$end], 0.05);
        }
        self::assertTrue($ribbon->discs[6]->isTotal);
        self::assertLessThan($ribbon->discs[6]->moonRadius - $radius, $apart[6]);
        for ($i = 1; $i <= 6; ++$i) {
            self::assertLessThan($apart[$i - 1], $apart[$i]);
            self::assertGreaterThan($apart[6 + $i - 1], $apart[6 + $i]);
        }
    }

    public function testItDarkensInProportionToTheCoveredArea(): void
    {
        $opacities = array_column($this->ribbon('2028-01-26')->shade, 'opacity');
        self::assertSame(0.0, $opacities[0]);
        self::assertSame(0.0, $opacities[count($opacities) - 1]);
        // The ring of January 2028 covers 83 % of the area here (its diameters are as 0.91 to 1).
        self::assertEqualsWithDelta(0.83, max($opacities), 0.01);
    }

    public function testSunsetNightAndNowStandWhereTheyBelong(): void
    {
        $ribbon = $this->ribbon('2026-08-12', '2026-08-12T18:39:05Z');
        self::assertSame(['Sunset'], array_map(static fn(RibbonMark $m): string => $m->label, $ribbon->crossings));
        self::assertSame([['x' => $ribbon->crossings[0]->xPercent, 'width' => round(100 - $ribbon->crossings[0]->xPercent, 3)]], $ribbon->nights);
        self::assertEqualsWithDelta($ribbon->contacts[1]->xPercent, $ribbon->nowPercent, 0.05, 'now is the maximum');
        self::assertSame(['C1', 'Max', 'C4'], array_map(static fn(RibbonMark $m): string => $m->label, $ribbon->contacts));
        self::assertSame('Sun down', $ribbon->contacts[2]->time);
        self::assertNull($this->ribbon('2026-08-12', '2026-08-13T12:00:00Z')->nowPercent);
    }

    /** Across the sunset end of the path of 2026: C2 and C3 up, C3 down, both down. Only what is up has a time. */
    public function testATimeIsGivenForWhatIsUpOnly(): void
    {
        $seen = [];
        foreach ([3.0, ...range(5.5, 8.0, 0.1), 9.0] as $lon) {
            $event = Event::factory()->make(['eclipse_date' => '2026-08-12', 'organisation_id' => 1, 'lat' => 38.68 - 0.286 * ($lon - 5.40), 'lon' => $lon]);
            $here = app(Eclipses::class)->at($event);
            $mark = ShadowRibbon::of($here, [], new DateTimeImmutable('2020-01-01'))->contacts[1];
            $isUp = array_map(static fn(ContactName $name): bool => $here->circumstances->contact($name)?->view->isSunUp() ?? self::fail("no totality at {$lon}°"), [ContactName::C2, ContactName::C3]);
            $time = '\d\d:\d\d:\d\d';
            self::assertMatchesRegularExpression(match ($isUp) {
                [true, true] => "/^C2 {$time} C3 {$time}$/",
                [true, false] => "/^C2 {$time} C3 Sun down$/",
                default => '/^C2, C3 Sun down *$/',
            }, trim("{$mark->label} {$mark->time} {$mark->until} {$mark->untilTime}"), "{$lon}°");
            $seen[json_encode($isUp)] = true;
        }
        self::assertCount(3, $seen);
    }

    public function testHoursAreRoundAndNeverCutOff(): void
    {
        foreach (['2026-08-12', '2027-08-02', '2028-01-26'] as $date) {
            foreach ($this->ribbon($date)->hours as $hour) {
                self::assertStringEndsWith(':00', $hour->label);
                self::assertGreaterThan(4, $hour->xPercent);
                self::assertLessThan(96, $hour->xPercent);
            }
        }
    }

    private function ribbon(string $date, string $now = '2020-01-01T00:00:00Z'): ShadowRibbon
    {
        $event = Event::factory()->make(['eclipse_date' => $date, 'organisation_id' => 1]);

        return ShadowRibbon::of(app(Eclipses::class)->at($event), [], new DateTimeImmutable($now));
    }
}
