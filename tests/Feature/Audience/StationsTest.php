<?php

declare(strict_types=1);

namespace Tests\Feature\Audience;

use App\Domain\Site\EventPlan;
use App\Models\Audience\AudienceStation;
use Illuminate\Database\QueryException;
use KeenShadow\Core\Audience\Crowd\Coming;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Stations made by choosing methods: where they stand, how it goes there, and the day played through. */
final class StationsTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private const TELESCOPE = ['version' => '1', 'place' => 'Roof', 'places' => '2', 'look_s' => '30', 'spread_s' => '0', 'hand_s' => '0'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->event->update(['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'timezone' => 'Europe/Madrid', 'policy' => Policy::Mixed]);
        EventPlan::of($this->event)->keep(SitePlan::of([
            Thing::of(ThingKind::Queue, 'Gate', [new PlanPoint(0, 0)]),
            Thing::of(ThingKind::Telescope, 'Roof', [new PlanPoint(30, 40)]),
        ], HorizonProfile::of([]), 0.5), null, $this->user);
        $this->group('Club', 4, 'adult', []);
    }

    /** Chosen, it is there; four at once, 50 m to walk, two at a time for 30 s: the second two wait 30 s. */
    public function testChoosingAMethodMakesAStationThatIsPlacedAndPlayed(): void
    {
        $this->get(route('audience.stations', $this->event))->assertOk()->assertSee('No stations yet.');
        $group = $this->event->audienceGroups()->firstOrFail();
        $this->put(route('audience.choose', [$this->event, $group]), ['version' => '1', 'method' => 'telescope', 'chosen' => '1'])->assertSessionHasNoErrors();
        $this->get(route('audience.stations', $this->event))->assertOk()->assertSeeInOrder(['4 of 4 have had every look by 10:51', 'Telescope with a front filter', 'not on the plan', '20 ± 10 s, then 10 s']);
        self::assertSame(0, AudienceStation::query()->count(), 'what is usual is not stored');

        $this->get(route('audience.stations.edit', [$this->event, Method::Telescope]))->assertOk()->assertSeeInOrder(['not on the plan', 'Gate', 'Roof']);
        $this->put(route('audience.stations.update', [$this->event, Method::Telescope]), self::TELESCOPE)->assertRedirect(route('audience.stations', $this->event))->assertSessionHasNoErrors();
        $page = $this->get(route('audience.stations', $this->event))->assertOk()
            ->assertSeeInOrder(['Roof', '30 s, then 0 s', 'half up to 0 s, the last 30 s'])
            ->assertSeeInOrder(['Club', 'all at once, at the first contact', '4 of 4']);
        $moves = self::moves((string) $page->getContent());
        self::assertSame([[30, -40]], $moves['stations']);
        // Station, came, began, ended, on foot.
        self::assertSame([[[0, 50, 50, 80, 50]], [[0, 50, 50, 80, 50]], [[0, 50, 80, 110, 50]], [[0, 50, 80, 110, 50]]], $moves['dots']);

        // Moved on the plan it moves here; gone from there it says so, and whoever has chosen it keeps it until it is changed.
        EventPlan::of($this->event->refresh())->keep(SitePlan::blank(), $this->event->plan_revision_id, $this->user);
        $this->get(route('audience.stations', $this->event))->assertSee('“Roof” is gone from the plan');
        $this->put(route('audience.stations.update', [$this->event, Method::Telescope]), ['places' => '3', 'version' => (string) AudienceStation::query()->sole()->version] + self::TELESCOPE)->assertSessionHasNoErrors();
        $this->put(route('audience.stations.update', [$this->event, Method::Telescope]), ['place' => 'Cellar', 'version' => (string) AudienceStation::query()->sole()->version] + self::TELESCOPE)->assertSessionHasErrors('place');
    }

    /** A wall stays where it is, south is down; two stations at one place stand beside each other, and what is not on the plan in a row below. */
    public function testTheYardIsDrawnAsThePlanHasIt(): void
    {
        EventPlan::of($this->event)->keep(SitePlan::of([
            Thing::of(ThingKind::Telescope, 'Roof', [new PlanPoint(30, 40)]),
            Thing::of(ThingKind::Wall, 'Fence', [new PlanPoint(20, 30), new PlanPoint(25, 30)]),
            Thing::of(ThingKind::Wall, 'Far away', [new PlanPoint(900, 30), new PlanPoint(925, 30)]),
        ], HorizonProfile::of([]), 0.5), $this->event->plan_revision_id, $this->user);
        $this->group('Families', 1000, 'adult', [Method::Card, Method::Projection, Method::Telescope]);
        foreach ([Method::Telescope, Method::Projection] as $method) {
            $this->put(route('audience.stations.update', [$this->event, $method]), self::TELESCOPE)->assertSessionHasNoErrors();
        }
        $page = (string) $this->get(route('audience.stations', $this->event))->assertSee('A dot is about 3 people.')->assertSee('points="20,-30 25,-30"', false)->assertDontSee('points="900', false)->getContent();
        self::assertSame([[30, -26], [30, -40], [35, -40]], self::moves($page)['stations']);
        // The first contact is at 9:40:46, the maximum 65 min later, the best minutes end 5 min after it.
        self::assertMatchesRegularExpression('/max="(\d+)" value="39\d\d" step="10" data-begin="348\d\d"/', $page);
    }

    /** Two who change it at once: the second is told, and nothing of theirs is lost. */
    public function testTwoPeopleAtOneStation(): void
    {
        $this->group('Families', 30, 'adult', [Method::Telescope]);
        $form = fn(array $other) => $this->put(route('audience.stations.update', [$this->event, Method::Telescope]), $other + self::TELESCOPE);
        $form([])->assertSessionHasNoErrors();
        $form([])->assertSessionHasNoErrors();
        $form(['places' => '5'])->assertSessionHasErrors('version')->assertSessionHasInput('places', '5');
        self::assertSame([2, 2], [AudienceStation::query()->sole()->places, AudienceStation::query()->sole()->version]);
    }

    public function testWhatTheBookRefusesNowHasNoStation(): void
    {
        $this->group('Families', 30, 'adult', [Method::Glasses, Method::Card]);
        $this->get(route('audience.stations', $this->event))->assertSee('Eclipse glasses, shared')->assertSee('no pair is fit yet');
        $this->event->update(['policy' => Policy::IndirectOnly]);
        $this->get(route('audience.stations', $this->event))->assertDontSee('Eclipse glasses, shared')->assertSee('Card with a hole');
    }

    public function testABoxIsNoStationAndTooManyAreNotPlayed(): void
    {
        $this->group('Class 1A', 20, 'young_child', [Method::Box]);
        $this->get(route('audience.stations', $this->event))->assertSee('No stations yet.');
        $this->get(route('audience.stations.edit', [$this->event, Method::Box]))->assertNotFound();
        $this->put(route('audience.stations.update', [$this->event, Method::Box]), self::TELESCOPE)->assertNotFound();
        $this->get("/events/{$this->event->id}/audience/stations/balloon")->assertNotFound();
        $this->group('Square', 10001, 'adult', [Method::Card, Method::Projection]);
        $this->get(route('audience.stations', $this->event))->assertOk()->assertSee('Up to 20000 looks are played through; here there are 20002.');
    }

    public function testTheSameDayComesAgainAndNonsenseIsTheFirst(): void
    {
        $this->group('Families', 200, 'adult', [Method::Telescope], Coming::Burst);
        $day = fn(mixed $day): array => self::moves((string) $this->get(route('audience.stations', [$this->event, 'day' => $day]))->assertOk()->getContent());
        self::assertSame($day('7'), $day('7'));
        self::assertNotSame($day('7'), $day('8'));
        self::assertSame($day('1'), $day('x'));
        self::assertSame($day('1'), $day('-3'));
        $this->get(route('audience.stations', [$this->event, 'day' => ['7']]))->assertOk();
    }

    /** A new event, nothing drawn yet: everything is reached at once, and stands in a row. */
    public function testWithoutAPlan(): void
    {
        $this->event = $this->eventOf($this->user, ['eclipse_date' => '2027-08-02', 'lat' => 43.36, 'lon' => -5.85, 'timezone' => 'Europe/Madrid']);
        $this->group('Class 5B', 2, 'child', [Method::Card, Method::Projection]);
        $this->event->audienceGroups()->sole()->update(['ahead_min' => 7.5]);
        $page = (string) $this->get(route('audience.stations', $this->event))->assertOk()->assertSee('2 of 2 have had every look by')->assertSee('not on the plan')->assertSee('all at once, 7.5 min before the maximum')->getContent();
        $moves = self::moves($page);
        self::assertEquals([[0, 0], [14, 0]], $moves['stations']);
        self::assertNull($moves['from']);
    }

    public function testWhereTheSunIsDownNobodyQueues(): void
    {
        $this->event->update(['lat' => -17.0, 'lon' => 178.0, 'timezone' => 'Pacific/Fiji']);
        $this->get(route('audience.stations', $this->event))->assertOk()->assertSee('The Sun is down all the while: nobody queues.');
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function nonsense(): array
    {
        return [
            'no place' => [['places' => '0'], 'places'],
            'too many' => [['places' => '5001'], 'places'],
            'no time' => [['look_s' => '0'], 'look_s'],
            'blank' => [['hand_s' => ''], 'hand_s'],
            'a spread beyond a look' => [['spread_s' => '31'], 'spread_s'],
            'a place that is none' => [['place' => 'Moon'], 'place'],
            'a list' => [['place' => ['Roof']], 'place'],
            'no version' => [['version' => ''], 'version'],
        ];
    }

    /** @param array<string, mixed> $fields */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedAtItsField(array $fields, string $field): void
    {
        $this->put(route('audience.stations.update', [$this->event, Method::Telescope]), $fields + self::TELESCOPE)->assertSessionHasErrors($field);
        self::assertSame(0, AudienceStation::query()->count());
    }

    public function testTheDatabaseRefusesWhatCannotBe(): void
    {
        $this->expectException(QueryException::class);
        AudienceStation::query()->create(['event_id' => $this->event->id, 'method' => Method::Card, 'places' => 1, 'look_s' => 10, 'spread_s' => 11, 'hand_s' => 0]);
    }

    /** @param list<Method> $methods */
    private function group(string $name, int $people, string $band, array $methods, Coming $comes = Coming::AtOnce): void
    {
        $this->event->audienceGroups()->create(['name' => $name, 'people' => $people, 'band' => $band, 'eye_from_m' => 1.2, 'eye_to_m' => 1.8, 'methods' => $methods, 'comes' => $comes]);
    }

    /** @return array<string, mixed> */
    private static function moves(string $page): array
    {
        self::assertSame(1, preg_match('/data-moves="([^"]*)"/', $page, $match));

        /** @var array<string, mixed> */
        return json_decode(html_entity_decode($match[1]), true, 8, JSON_THROW_ON_ERROR);
    }
}
