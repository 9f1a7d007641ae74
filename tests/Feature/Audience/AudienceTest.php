<?php

declare(strict_types=1);

namespace Tests\Feature\Audience;

use App\Domain\Event\FitPairs;
use App\Domain\Site\EventPlan;
use App\Models\Audience\AudienceGroup;
use App\Models\Event;
use KeenShadow\Core\Audience\AgeBand;
use KeenShadow\Core\Audience\Methods\Method;
use KeenShadow\Core\Audience\Policy;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\Site\Plan\HorizonProfile;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The audience of an event: its policy, its groups, and how many pairs of glasses they take. */
final class AudienceTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    public function testAGroupIsAddedChangedRemovedAndBroughtBack(): void
    {
        $this->get(route('audience.index', $this->event))->assertOk()->assertSee('Who comes?')->assertSee('There is no place for the name of a person')->assertSee('no groups yet');
        $this->post(route('audience.store', $this->event), self::newForm() + ['name' => 'Class 5B', 'people' => '26', 'band' => 'child', 'eye_from_m' => '1,25', 'eye_to_m' => '1,4', 'spectacles' => '5'])->assertSessionHasNoErrors();
        $group = $this->event->audienceGroups()->sole();
        self::assertSame([26, AgeBand::Child, 1.25, 1.4, 5, 0, false], [$group->people, $group->band, $group->eye_from_m, $group->eye_to_m, $group->spectacles, $group->seated, $group->peeks]);
        $this->put(route('audience.update', [$this->event, $group]), self::formOf($group) + ['name' => 'Class 5B', 'people' => '27', 'band' => 'child', 'peeks' => '1'])->assertSessionHasNoErrors();
        self::assertSame([27, [1.2, 1.45], true], [$group->refresh()->people, [$group->eye_from_m, $group->eye_to_m], $group->peeks]);
        $this->delete(route('audience.destroy', [$this->event, $group]));
        $this->get(route('audience.index', $this->event))->assertSee('“Class 5B” is removed.')->assertSee(route('audience.restore', [$this->event, $group]));
        $this->post(route('audience.restore', [$this->event, $group]));
        self::assertSame(1, $this->event->audienceGroups()->count());
    }

    /** @return array<string, array{array<string, string>, string}> what is sent, the field at fault */
    public static function faults(): array
    {
        $good = ['name' => 'Class 5B', 'people' => '26', 'band' => 'child'];

        return [
            'a list of children' => [['name' => 'Ana, Luis, Eva'] + $good, 'name'],
            'children by their full names' => [['name' => 'Ana Ruiz, Luis Vega'] + $good, 'name'],
            'no name' => [['name' => ''] + $good, 'name'],
            'nobody' => [['people' => '0'] + $good, 'people'],
            'half a person' => [['people' => '2.5'] + $good, 'people'],
            'an age that is none' => [['band' => 'toddler'] + $good, 'band'],
            'more spectacles than people' => [['spectacles' => '27'] + $good, 'spectacles'],
            'eyes of a giant' => [['eye_from_m' => '1', 'eye_to_m' => '3'] + $good, 'eye_to_m'],
            'eyes upside down' => [['eye_from_m' => '1.5', 'eye_to_m' => '1.2'] + $good, 'eye_to_m'],
        ];
    }

    /** @param array<string, string> $sent */
    #[DataProvider('faults')]
    public function testAFaultStandsAtItsField(array $sent, string $field): void
    {
        $this->post(route('audience.store', $this->event), self::newForm() + $sent)->assertSessionHasErrors($field);
        self::assertSame(0, AudienceGroup::query()->count());
    }

    /** Everywhere that a look is judged, the event's policy is known. */
    public function testThePolicyHoldsInThePagesThatJudge(): void
    {
        $this->group('Club', 18, AgeBand::Adult);
        $this->get(route('audience.index', $this->event))->assertSee('18 people come, 18 may look through glasses')->assertSee('The event\'s policy allows this direct look.')->assertSee('no policy chosen yet');
        $ask = ['item' => 'hand-held-viewer', 'state' => 'fit', 'who' => 'adult'];
        $this->get(route('rules.may', [$this->event, ...$ask]))->assertSee('The event\'s policy allows this direct look.');
        $this->put(route('audience.policy', $this->event), self::formOf($this->event->refresh()) + ['policy' => 'indirect_only'])->assertSessionHasNoErrors();
        $this->get(route('rules.may', [$this->event, ...$ask]))->assertSee('Where the event\'s policy is “indirect only”, nobody looks at the Sun directly')->assertSee('Look at the image that a hole throws.');
        $this->get(route('audience.index', $this->event))->assertSee('18 people come, 0 may look through glasses')->assertSee('No pair is needed');
        $this->put(route('audience.policy', $this->event), self::formOf($this->event->refresh()) + ['policy' => 'banner'])->assertSessionHasNoErrors();
        // From indoors, through the banner, and in no other way.
        $this->get(route('audience.index', $this->event))->assertSee('18 people come, 0 may look through glasses');
        $this->get(route('rules.may', [$this->event, ...$ask]))->assertSee('where it is “from indoors, through a banner”, in no other way');
        self::assertSame([true, false], array_map(fn(Method $m): bool => $m->isRefused(Standard::book(), $this->event->audienceGroups()->sole()->group(), $this->event->refresh()->policy), [Method::Glasses, Method::Banner]));
    }

    public function testAPolicyIsChangedOnlyByWhoHasSeenIt(): void
    {
        $seen = self::formOf($this->event->refresh());
        $this->put(route('audience.policy', $this->event), $seen + ['policy' => 'mixed'])->assertSessionHasNoErrors();
        $this->put(route('audience.policy', $this->event), $seen + ['policy' => 'glasses'])->assertSessionHasErrors();
        self::assertSame(Policy::Mixed, $this->event->refresh()->policy);
        $this->put(route('audience.policy', $this->event), self::formOf($this->event) + ['policy' => 'anything'])->assertSessionHasErrors('policy');
    }

    public function testTheSumIsShownAgainstThePairsThatAreFit(): void
    {
        $this->event->update(['policy' => Policy::Mixed]);
        $this->group('Club', 180, AgeBand::Adult);
        $this->group('Class 1A', 24, AgeBand::YoungChild);
        $fit = 9;
        $this->app->instance(FitPairs::class, new class ($fit) implements FitPairs {
            public function __construct(public int $fit) {}

            public function count(Event $event): int
            {
                return $this->fit;
            }
        });
        $this->get(route('audience.index', $this->event))->assertOk()
            ->assertSee('204 people come, 180 may look through glasses')
            ->assertSee('60 · 5.0 min / (20 s + 10 s) = 10 people share a pair; 180 people: 18 pairs in use and 2 spare.')
            ->assertSee('20 pairs are needed')->assertSee('A pair for each would be 198.')
            ->assertSee('9 pairs are fit now: 11 are missing.')->assertSee('With these each looks once every 10.0 min')->assertSee('or a look lasts 5 s')->assertSee('or 90 people wait for the next round.');
        $piece = $this->get(route('audience.index', [$this->event, 'look_s' => '10', 'hand_s' => '5', 'every_min' => '10', 'spares_percent' => '0']), ['X-Requested-With' => 'XMLHttpRequest']);
        $piece->assertOk()->assertSee('5 pairs are needed')->assertSee('9 pairs are fit now: they are enough.')->assertDontSee('<html', false);
        $this->get(route('audience.index', [$this->event, 'look_s' => '200', 'hand_s' => '100', 'every_min' => '1']))->assertSessionHasErrors('every_min');
        $this->get(route('audience.index', [$this->event, 'look_s' => 'long']))->assertSessionHasErrors('look_s');
    }

    public function testMethodsForEachGroupFromWhatIsKnownAndAsked(): void
    {
        $this->get(route('audience.methods', $this->event))->assertOk()->assertSee('Add a group first');
        $this->travelTo('2027-07-31 12:00:00');
        $this->event->update(['policy' => Policy::Mixed, 'eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'timezone' => 'Europe/Madrid']);
        $this->group('Class 1A', 24, AgeBand::YoungChild);
        $this->get(route('audience.methods', $this->event))->assertOk()
            ->assertSee('2 days are left; no pair of glasses is fit; no ground is drawn where people stand; no screen is drawn on a wall; the Sun stands 37° up when most of it is covered')
            ->assertSeeInOrder(['Class 1A', 'Box or tube, one each', 'Each has one of their own to build and to hold.', 'ordered or built by Sunday 1 August 2027', 'Eclipse glasses, shared', 'They do not keep a filter on by themselves'])
            ->assertSee(route('rules.book', $this->event) . '#youngest-indirectly', false)->assertSee('No glasses to be had: Box or tube, one each, ordered or built by Sunday 1 August 2027;')
            ->assertSee('Totality comes through clouds: at 10:45 it grows dark for 2 min 53 s');
        $piece = $this->get(route('audience.methods', [$this->event, 'kit' => ['refractor', 'white_sheet'], 'helpers' => '3', 'wall' => 'no']), ['X-Requested-With' => 'XMLHttpRequest']);
        $piece->assertOk()->assertDontSee('<html', false)->assertSeeInOrder(['Class 1A', 'Telescope or binocular on a screen', 'What it takes is at hand.', 'at hand']);
        foreach (['helpers' => 'many', 'budget' => '-1', 'wall' => 'perhaps', 'kit' => 'refractor'] as $field => $nonsense) {
            $this->get(route('audience.methods', [$this->event, $field => $nonsense]))->assertSessionHasErrors($field);
        }
        $this->get(route('audience.methods', [$this->event, 'kit' => ['laser']]))->assertSessionHasErrors('kit.0');
    }

    /**
     * In the morning a screen on a wall's west side hangs in the shade, one on its east side does not; what is said goes before what is drawn.
     *
     * @param array<string, string> $asked
     */
    #[TestWith([-0.2, [], 'there is a wall in the shade'])]
    #[TestWith([10.2, [], 'no wall in the shade'])]
    #[TestWith([10.2, ['wall' => 'yes'], 'there is a wall in the shade'])]
    public function testAWallInTheShadeIsKnownFromThePlan(float $eastM, array $asked, string $words): void
    {
        $this->event->update(['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'timezone' => 'Europe/Madrid']);
        $this->group('Class 5B', 24, AgeBand::Child);
        EventPlan::of($this->event)->keep(SitePlan::of([
            Thing::of(ThingKind::Building, 'School', array_map(static fn(array $p): PlanPoint => new PlanPoint(...$p), [[0, -10], [10, -10], [10, 10], [0, 10]]), 8.0),
            Thing::of(ThingKind::Screen, 'Sheet', [new PlanPoint($eastM, 0)], 2.0),
        ], HorizonProfile::of([]), 0.5), null, $this->user);
        $page = $this->get(route('audience.methods', [$this->event, ...$asked]))->assertOk()->assertSee($words);
        $words === 'no wall in the shade' ? $page->assertSee('It takes a wall in the shade.') : $page->assertDontSee('It takes a wall in the shade.');
    }

    /** What comes through clouds hangs on how much of the Sun is covered here, while it is up. */
    #[TestWith(['2028-01-26', 36.53, -6.29, 'grows dim and cool all the same towards 17:5'])]
    #[TestWith(['2027-08-02', 58.98, -2.96, null])]
    #[TestWith(['2027-08-02', -17.0, 178.0, null])]
    public function testWhatIsLeftUnderClouds(string $date, float $lat, float $lon, ?string $line): void
    {
        $this->event->update(['eclipse_date' => $date, 'lat' => $lat, 'lon' => $lon, 'timezone' => 'Europe/Madrid']);
        $this->group('Club', 18, AgeBand::Adult);
        $page = $this->get(route('audience.methods', $this->event))->assertOk()->assertSee('In a gap filters are needed at once')->assertDontSee('Totality comes through clouds');
        $line === null ? $page->assertDontSee('all the same') : $page->assertSee($line);
    }

    public function testWhatIsChosenMakesTheList(): void
    {
        $this->group('Class 1A', 24, AgeBand::YoungChild);
        $group = $this->event->audienceGroups()->sole();
        $this->get(route('audience.list', $this->event))->assertOk()->assertSee('Choose methods for the groups first');
        $seen = self::formOf($group);
        $this->put(route('audience.choose', [$this->event, $group]), $seen + ['method' => 'box', 'chosen' => '1'])->assertSessionHasNoErrors();
        $this->put(route('audience.choose', [$this->event, $group]), $seen + ['method' => 'card', 'chosen' => '1'])->assertSessionHasErrors();
        $this->put(route('audience.choose', [$this->event, $group]), self::formOf($group) + ['method' => 'glasses', 'chosen' => '1'])->assertSessionHasErrors(['method' => 'The youngest, up to about 8 years, look indirectly only.']);
        self::assertSame(['box'], $group->refresh()->methods->map->value->all());
        $this->get(route('audience.methods', $this->event))->assertSeeInOrder(['Box or tube, one each', 'Chosen']);
        $this->get(route('audience.list', $this->event))->assertOk()->assertSeeInOrder(['Shoe box or cereal box', '24', 'Tick off', 'Knife, for an adult', '1']);
        foreach ([1, 1, 0, 0, 1] as $done) {
            $this->post(route('audience.tick', $this->event), ['supply' => 'box', 'done' => $done])->assertSessionHasNoErrors();
            self::assertSame($done, $this->event->tickedSupplies()->count());
        }
        self::assertStringStartsWith("what,needed,here,done\r\nShoe box or cereal box,24,0,yes\r\n", (string) $this->get(route('audience.list.csv', $this->event))->assertOk()->getContent());
        $this->post(route('audience.tick', $this->event), ['supply' => 'unicorn', 'done' => '1'])->assertSessionHasErrors('supply');
        $this->put(route('audience.choose', [$this->event, $group]), self::formOf($group) + ['method' => 'staring', 'chosen' => '1'])->assertSessionHasErrors('method');
        $this->put(route('audience.choose', [$this->event, $group]), self::formOf($group) + ['method' => 'box', 'chosen' => '0'])->assertSessionHasNoErrors();
        $this->get(route('audience.list', $this->event))->assertSee('Choose methods for the groups first');
    }

    private function group(string $name, int $people, AgeBand $band): void
    {
        $this->event->audienceGroups()->create(['name' => $name, 'people' => $people, 'band' => $band, 'eye_from_m' => $band->eyesM()[0], 'eye_to_m' => $band->eyesM()[1]]);
    }
}
