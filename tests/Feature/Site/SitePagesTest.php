<?php

declare(strict_types=1);

namespace Tests\Feature\Site;

use App\Domain\Event\EventReader;
use App\Drawings\Site\Panorama;
use App\Drawings\Site\PlanDrawing;
use App\Drawings\Site\Ray;
use App\Pages\Event\EventFrames;
use App\Pages\Site\MirrorPage;
use DateTimeImmutable;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Site\Skyline\SunlitSite;
use PHPUnit\Framework\Attributes\DataProvider;

final class SitePagesTest extends SiteTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withSchoolYard();
    }

    public function testTheAnswerNamesWhoHidesTheSunAndWhen(): void
    {
        $this->get(route('site.show', $this->event))->assertOk()
            ->assertSee('From “East end” you see it until 17:37, then Gym hides it.')
            ->assertSee('C2, max, C3 lost behind Gym.')->assertSee('from 17:37 (−2.7 min) on behind Gym')
            ->assertSee('Pale concrete: takes an image as it is')->assertSee('Grass: lay a white sheet for images');
        $this->get(route('site.show', [$this->event, 'spot' => 'By the garden']))->assertSee('From “By the garden” you see it until 18:35, then the horizon hides it.');
    }

    /** Where seconds are not known the Sun goes in the minute that is said, or later, and is back when it is said, or sooner. */
    public function testMinutesAreRoundedToTheSafeSide(): void
    {
        $this->keep($this->form('viewers|Class|0 0|1.25', 'wall|Mast|-20 -16; -19 -17|30'));
        $this->event->refresh();
        $site = $this->site();
        $obstruction = $site->outlookFrom($site->mainPlace())->obstructions[0];
        self::assertGreaterThan(30.0, min($obstruction->earlierSeconds, $obstruction->laterSeconds));
        $minute = static fn(float $seconds): string => $site->here->local(new DateTimeImmutable('@' . 60 * (int) $seconds))->format('H:i');
        $from = $minute(floor(round((float) $obstruction->obstruction->from->time()->format('U.v')) / 60));
        $to = $minute(ceil(round((float) $obstruction->obstruction->to->time()->format('U.v')) / 60));
        $this->get(route('site.show', $this->event))->assertSee("From “Class” Mast hides the Sun from {$from} to {$to}.")->assertSee('behind Mast, all of the disc from 16:');
    }

    /** A roof whose top stands 0.4° below the Sun's lower limb, measured to a metre. */
    public function testWhatMayHideTheSunAsWellIsTold(): void
    {
        $this->keep(['accuracy_m' => '1'] + $this->form('viewers|Class|0 0|1.25'));
        $this->post(route('site.sighting', $this->event), ['spot' => 'Class', 'seen_kind' => 'wall', 'seen_name' => 'Roof', 'bearing_deg' => '222', 'distance_m' => '30', 'width_m' => '5', 'top_m' => '11.5'])->assertSessionHasNoErrors();
        $this->get(route('site.show', $this->event))->assertOk()
            ->assertDontSee('behind Roof')->assertSee('If the plan is off by 1 m, Roof hides it from 16:');
    }

    public function testANarrowDoorHasNoRoomForEverybody(): void
    {
        $this->keep($this->form('building|House|0 0; 8 0; 8 6; 0 6|4', 'doorway|Back door|2 0; 2.8 0|2.1|0'));
        $this->get(route('site.doorway', [$this->event, 'time' => '17:00', 'distance_m' => '0.2']))->assertOk()
            ->assertSee('There is no room for a hole for: Adults.')->assertDontSee('No Sun at');
    }

    /** A spot that is asked for somewhere else answers from there, and nothing is kept. */
    public function testTheLookFollowsTheSpot(): void
    {
        $this->get(route('site.spot-view', [$this->event, 'spot' => 'East end', 'east' => -20, 'north' => 30]))->assertOk()->assertSee('until 18:35');
        $this->get(route('site.spot-view', [$this->event, 'spot' => 'East end', 'east' => -45, 'north' => -30]))->assertOk()->assertSee('lies under Gym');
        $this->get(route('site.show', $this->event))->assertSee('until 17:37');
        $this->getJson(route('site.spot-view', [$this->event, 'east' => 'x', 'north' => 3]))->assertUnprocessable();
        $this->getJson(route('site.spot-view', [$this->event, 'east' => 5000, 'north' => 3]))->assertUnprocessable();
    }

    public function testRibbonAndToDoTellWhatTheSiteCosts(): void
    {
        $frame = app(EventFrames::class)->of($this->event);
        self::assertSame('C2, max, C3 hidden', $frame->rooms[1]->toDo);
        self::assertSame('Gym', $frame->ribbon->hidden[0]['by']);
        $begin = (int) $frame->ribbon->begin->format('U');
        $length = (int) $frame->ribbon->end->format('U') - $begin;
        self::assertEqualsWithDelta((new DateTimeImmutable('2028-01-26T17:37:00+01:00'))->getTimestamp(), $begin + $length * $frame->ribbon->hidden[0]['x'] / 100, 60);
        $this->get(route('sky.show', $this->event))->assertSee('hidden by Gym');
    }

    /** What the drawing shows is what the numbers say: the disc's place in the panorama is its azimuth and altitude. */
    public function testThePanoramaIsToScale(): void
    {
        $site = $this->site();
        $panorama = Panorama::of($site->mainPlace(), $site->outlookFrom($site->mainPlace()), $site);
        [$c1, $max] = [$panorama->suns[0], $panorama->suns[1]];
        $outlook = $site->outlookFrom($site->mainPlace());
        [$first, $maximum] = [$outlook->contacts[0]->sun, $outlook->contacts[2]->sun];
        $perDegree = ($max['x'] - $c1['x']) / ($maximum->azimuthDeg - $first->azimuthDeg);
        self::assertEqualsWithDelta(($max['y'] - $c1['y']) / ($first->altitudeDeg - $maximum->altitudeDeg), $perDegree, 0.01, 'one scale for both directions');
        self::assertEqualsWithDelta($first->semidiameterDeg * $perDegree, $c1['r'], 0.01);
        self::assertEqualsWithDelta($panorama->groundY, $c1['y'] + $first->altitudeDeg * $perDegree, 0.05);
        self::assertSame([true, false], [$c1['isClear'], $max['isClear']]);
    }

    public function testThePlansRaysPointAtTheSun(): void
    {
        $site = $this->site();
        $drawing = PlanDrawing::of($site, $site->mainPlace());
        $atMaximum = array_values(array_filter($drawing->rays, static fn(Ray $ray): bool => str_starts_with($ray->label->text, 'Max')));
        self::assertCount(1, $atMaximum);
        self::assertEqualsWithDelta($site->outlookFrom($site->mainPlace())->contacts[2]->sun->azimuthDeg, fmod(rad2deg(atan2($atMaximum[0]->x, -$atMaximum[0]->y)) + 360, 360), 0.3);
        self::assertTrue($atMaximum[0]->isHidden);
        self::assertGreaterThanOrEqual(4, count($drawing->rays));
        foreach ($drawing->rays as $ray) {
            self::assertGreaterThan($drawing->box->left, $drawing->spot->x + $ray->x);
            self::assertLessThan($drawing->box->top + $drawing->box->height, $drawing->spot->y + $ray->y);
        }
    }

    public function testShadeAndBestSpots(): void
    {
        $this->get(route('site.shade', [$this->event, 'minute' => 100]))->assertOk()->assertSee('m of shadow towards');
        $this->get(route('site.shade', [$this->event, 'minute' => 1000]))->assertOk()->assertSee('The Sun is down.');
        $this->get(route('site.show', [$this->event, 'best' => 1]))->assertOk()->assertSee('the maximum is seen')->assertSee('loses the maximum');
    }

    public function testTheDoorwaySaysPlainlyWhenItFacesAway(): void
    {
        $this->get(route('site.doorway', [$this->event, 'facade' => 'School 3']))->assertSee('“School 3” does not face the Sun: it faces north-east')->assertSee('Does not work');
        $this->get(route('site.doorway', [$this->event, 'facade' => 'Doorway B', 'time' => '17:00', 'distance_m' => '0,6']))->assertOk()
            ->assertSee('A banner in “Doorway B” works from 16:34 to 17:4', false)->assertSee('Gym is in front of the Sun')->assertSee('1.33 m')->assertSee('Cutting plan for 17:00');
        $this->get(route('site.doorway', [$this->event, 'adult_m' => '2.05', 'distance_m' => '0.6', 'time' => '17:50']))
            ->assertSee('No Sun at 17:50 for: Children, Seated (Gym is in front of the Sun); Adults (above the opening).')->assertDontSee('There is no room for a hole');
        $this->get(route('site.doorway', [$this->event, 'distance_m' => 'far', 'time' => '25:00']))->assertSessionHasErrors(['distance_m', 'time']);

        // The eyes of those who come are known; a class that never looks through a filter is not among them.
        $this->get(route('site.doorway', $this->event))->assertSee('name="child_m" value="1.15"', false)->assertDontSee('of the groups');
        foreach ([['Class 1A', 'young_child', 0.9, 1.2], ['Class 5B', 'child', 1.22, 1.45], ['Club', 'adult', 1.5, 1.83]] as [$name, $band, $from, $to]) {
            $this->event->audienceGroups()->create(['name' => $name, 'people' => 20, 'band' => $band, 'eye_from_m' => $from, 'eye_to_m' => $to]);
        }
        $this->get(route('site.doorway', $this->event))->assertSee('name="child_m" value="1.22"', false)->assertSee('name="adult_m" value="1.83"', false)->assertSee('Left blank: the lowest of the groups.');
        $this->get(route('site.doorway', [$this->event, 'child_m' => '1.1']))->assertSee('name="child_m" value="1.1"', false);
        // Each message names the field, what stands there and what may; the address leads back to the page, not elsewhere.
        $this->flushSession();
        $this->actingAs($this->user);
        foreach ([
            ['site.doorway', ['child_m' => '9', 'time' => '25:00'], ['Children\'s eyes: “9” is not a height from 0.3 to 2.2 m.', 'The time “25:00” is not one']],
            ['site.mirror', ['opening_mm' => '0', 'screen_m' => 'wide'], ['Opening: “0” is not a width from 1 to 500 mm.', 'Screen: “wide” is not a width from 0.1 to 20 m.']],
            ['site.shadows', ['prop_m' => '-1', 'pole_m' => '200'], ['Prop: “-1” is not a length from 0.05 to', 'Height of what throws the shadow: “200” is not a height from 0 to 100 m.']],
            ['sky.next', ['to' => '3000', 'least' => 'all'], ['Up to the year: “3000” is not a year from 1900 to 2199.', 'Least area covered: “all” is not a whole number from 0 to 100 %.']],
        ] as [$page, $asked, $messages]) {
            $this->get(route($page, [$this->event] + $asked))->assertRedirect(route($page, $this->event));
            $shown = $this->get(route($page, $this->event))->assertOk()->assertSee('This cannot be answered')->assertDontSee('Nothing was saved');
            $json = $this->getJson(route($page, [$this->event] + $asked))->assertUnprocessable();
            foreach ($messages as $message) {
                $shown->assertSee($message);
                self::assertStringContainsString($message, (string) json_encode($json->json(), JSON_UNESCAPED_UNICODE));
            }
        }
    }

    public function testTheMirror(): void
    {
        $page = MirrorPage::of($this->site(), null, null, 20.0, 1.2, new DateTimeImmutable('2028-01-26T17:15:00+01:00'));
        self::assertNotNull($page);
        self::assertSame(Level::Hold, $page->verdict->level);
        self::assertStringContainsString('height of eyes', implode(' ', array_map(static fn($f) => $f->reason, $page->verdict->findings)));
        self::assertSame('“Sheet on the gym” hangs on Gym, which faces 90°.', $page->wall);
        $this->get(route('site.mirror', [$this->event, 'time' => '17:15']))->assertOk()->assertSee('turn the mirror to')->assertSee('Flat mirrors only');
        $this->get(route('site.mirror', [$this->event, 'opening_mm' => 0]))->assertSessionHasErrors('opening_mm');
    }

    public function testSupportsAndShadows(): void
    {
        $this->get(route('site.shadows', [$this->event, 'tube_m' => '0,9', 'pole_m' => 2]))->assertOk()->assertSee('The tube points')->assertSee('Shade of Gym')->assertSee('In the shade');
        $this->get(route('site.shadows', [$this->event, 'tube_m' => -1]))->assertSessionHasErrors('tube_m');
    }

    /** @return array<string, array{string, float, float, string}> */
    public static function oddPlaces(): array
    {
        return [
            'the Sun near the zenith' => ['2027-08-02', 25.5, 33.2, 'Africa/Cairo'],
            'the Sun across north' => ['2028-07-22', -33.87, 151.21, 'Australia/Sydney'],
            'the Sun rises eclipsed' => ['2030-11-25', -22.56, 17.08, 'Africa/Windhoek'],
            'low in the north in the night' => ['2026-08-12', 78.22, 15.65, 'Arctic/Longyearbyen'],
            'across the date line' => ['2028-07-22', -41.29, 174.78, 'Pacific/Auckland'],
        ];
    }

    /** Everywhere the Sun's way lies in the picture, and its azimuths run on. */
    #[DataProvider('oddPlaces')]
    public function testOddPlaces(string $date, float $lat, float $lon, string $zone): void
    {
        $this->event->update(['eclipse_date' => $date, 'lat' => $lat, 'lon' => $lon, 'timezone' => $zone]);
        foreach (['show', 'doorway', 'mirror', 'shadows', 'files'] as $page) {
            $this->get(route("site.{$page}", $this->event))->assertOk();
        }
        $site = $this->site();
        $panorama = Panorama::of($site->mainPlace(), $site->outlookFrom($site->mainPlace()), $site);
        self::assertNotEmpty($panorama->suns);
        foreach ($panorama->track as $part) {
            $xs = array_map(static fn(string $point): float => (float) $point, explode(' ', $part['points']));
            self::assertGreaterThanOrEqual(0.0, min([INF, ...$xs]));
            self::assertLessThanOrEqual(1000.0, max([-INF, ...$xs]));
            foreach (array_slice($xs, 1) as $i => $x) {
                self::assertLessThan(200.0, abs($x - $xs[$i]), 'no jump across the picture');
            }
        }
    }

    /** @return list<array{string}> */
    public static function nonsense(): array
    {
        return [['?spot[]=x'], ['/spot-view?spot=nobody'], ['/shade?minute[]=1'], ['/doorway?facade[]=x&child_m[]=2'], ['/mirror?mirror=none&screen=none'], ['/shadows?pole_m=1e400'], ['/doorway?time=aa'], ['?best=maybe']];
    }

    #[DataProvider('nonsense')]
    public function testNonsenseIsNeverOurError(string $question): void
    {
        self::assertLessThan(500, $this->get("/events/{$this->event->id}/site{$question}")->getStatusCode());
    }

    private function site(): SunlitSite
    {
        return app(EventReader::class)->site($this->event);
    }
}
