<?php

declare(strict_types=1);

namespace Tests\Feature\Eyewear;

use App\Domain\Event\FitPairs;
use App\Models\Audience\AudienceGroup;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\StockEntry;
use App\Models\Role;
use Illuminate\Support\Str;
use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\Stated;
use KeenShadow\Core\Eyewear\Wearer;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What is needed and what is here; pairs that go out, come back, are lost or destroyed. */
final class StockTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private Lot $lot;

    private AudienceGroup $group;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2027-05-01 12:00:00');
        $this->event->update(['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'timezone' => 'Europe/Madrid']);
        $this->lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'label' => 'A', 'pairs' => 20, 'kind' => Kind::PlasticGlasses, 'over_spectacles' => Stated::Yes, 'worn_by' => Wearer::Adult]);
        $this->group = $this->event->audienceGroups()->create(['uuid' => Str::uuid7()->toString(), 'name' => 'Class 5B', 'people' => 100, 'band' => 'child', 'eye_from_m' => 1.2, 'eye_to_m' => 1.4, 'spectacles' => 3, 'seated' => 0, 'low_vision' => 0, 'peeks' => false, 'methods' => []]);
        foreach (range(1, 12) as $tag) {
            $this->lot->pairChecks()->create(['uuid' => Str::uuid7()->toString(), 'tag' => $tag, 'faults' => $tag > 10 ? ['hole'] : [], 'event_id' => $this->event->id, 'occasion' => 'arrival', 'checked_by' => $this->user->id, 'checked_at' => now()]);
        }
    }

    /** A hundred people, ten to a pair, a tenth spare: eleven are needed (common practice); ten are fit. */
    public function testWhatIsNeededAgainstWhatIsHere(): void
    {
        $page = fn() => $this->get(route('eyewear.stock', $this->event))->assertOk();
        $page()->assertSee('1 pair short: 11 are needed, 10 are fit.')->assertSee('2 to destroy');
        $this->move('out', 6)->assertSessionHasNoErrors();
        $this->move('back', 2)->assertSessionHasNoErrors();
        $this->move('lost', 1)->assertSessionHasNoErrors();
        // Fit, held, withdrawn, not looked at, out, lost, here.
        self::assertSame(['10', '0', '2', '8', '3', '1', '6'], $this->numbers((string) $page()->getContent()));
        $page()->assertSee('2 pairs short: 11 are needed, 9 are fit.')->assertSeeInOrder(['1 lost, Class 5B', '2 came back, Class 5B', '6 handed out, Class 5B']);
        self::assertSame(9, app(FitPairs::class)->count($this->event));

        // The papers turn out wrong while three are out: they are called back.
        $this->lot->update(['maker_name' => 'no']);
        $page()->assertSee('3 are out and not fit by now: call them back.');
        $this->move('out', 1)->assertSessionHasErrors(['pairs' => 'No pair of this lot is fit and here: it goes out only when it was looked over and found fit.']);
    }

    public function testNothingGoesOutThatIsNotFitAndHereAndNothingComesBackThatIsNotOut(): void
    {
        $this->move('out', 11)->assertSessionHasErrors(['pairs' => 'Only 10 pairs of this lot are fit and here.']);
        $this->move('back', 1)->assertSessionHasErrors(['pairs' => 'No pair of this lot is out with them.']);
        $this->move('out', 10)->assertSessionHasNoErrors();
        $this->move('out', 1)->assertSessionHasErrors('pairs');
        $this->move('lost', 11)->assertSessionHasErrors(['pairs' => 'Only 10 pairs of this lot are out with them.']);
        $this->post(route('eyewear.stock.store', $this->event), ['what' => 'back', 'lot_id' => (string) $this->lot->id, 'pairs' => '1'] + self::newForm())->assertSessionHasErrors('pairs');
        foreach ([['pairs' => '0'], ['lot_id' => '999'], ['group_id' => '999'], ['what' => 'eaten'], ['tag' => '3'], ['what' => 'destroyed', 'pairs' => '1', 'tag' => '3', 'how' => 'x']] as $wrong) {
            $this->post(route('eyewear.stock.store', $this->event), $wrong + ['what' => 'out', 'lot_id' => (string) $this->lot->id, 'pairs' => '1'] + self::newForm())->assertSessionHasErrors();
        }
        self::assertSame(1, StockEntry::query()->count());
    }

    /** The rule book and the policy decide: what they refuse a group is not handed to it; what is out with it by then comes back. */
    public function testGlassesGoToNoGroupThatMayNotLook(): void
    {
        $this->move('out', 2)->assertSessionHasNoErrors();
        foreach ([['band' => 'young_child'], ['peeks' => true, 'band' => 'child']] as $change) {
            $this->group->update($change);
            $this->move('out', 1)->assertSessionHasErrors(['group_id' => 'By the rule book, or the policy of the event, this group does not look through glasses: give it an image on a screen.']);
        }
        $this->group->update(['peeks' => false]);
        $this->event->update(['policy' => 'indirect_only']);
        $this->move('out', 1)->assertSessionHasErrors('group_id');
        $this->move('back', 2)->assertSessionHasNoErrors();
        self::assertSame(2, StockEntry::query()->count());
    }

    public function testAFormSentTwiceCountsOnceAndTakingBackIsANewEntry(): void
    {
        $form = ['what' => 'out', 'lot_id' => (string) $this->lot->id, 'group_id' => (string) $this->group->id, 'pairs' => '4'] + self::newForm();
        $this->post(route('eyewear.stock.store', $this->event), $form)->assertSessionHasNoErrors();
        $this->post(route('eyewear.stock.store', $this->event), $form)->assertSessionHasNoErrors();
        $this->post(route('eyewear.stock.store', $this->event), ['pairs' => '5'] + $form)->assertSessionHasErrors('version');
        $entry = StockEntry::query()->sole();
        $takeBack = route('eyewear.stock.take-back', [$this->event, $entry]);
        $this->post($takeBack)->assertSessionHasNoErrors();
        $this->post($takeBack);
        self::assertSame([2, 0], [StockEntry::query()->count(), StockEntry::query()->standing()->count()]);
        $this->get(route('eyewear.stock', $this->event))->assertDontSee('4 handed out');
    }

    public function testWhatIsDestroyedIsWrittenDownWithWhoAndHow(): void
    {
        $destroy = fn(string $tag, string $how = 'cut through both lenses') => $this->post(route('eyewear.stock.store', $this->event), ['what' => 'destroyed', 'lot_id' => (string) $this->lot->id, 'tag' => $tag, 'how' => $how] + self::newForm());
        $destroy('11')->assertSessionHasNoErrors();
        $destroy('11')->assertSessionHasErrors(['tag' => 'Tag 11 of this lot is destroyed already.']);
        $destroy('21')->assertSessionHasErrors(['tag' => 'The lot has tags from 1 to 20.']);
        $destroy('12', '')->assertSessionHasErrors('how');
        $this->get(route('eyewear.stock', $this->event))->assertSee('1 to destroy')->assertSeeInOrder(['Destroyed', 'A', '11, cut through both lenses', $this->user->name]);
        // For good, at every event.
        $next = $this->eventOf($this->user, ['eclipse_date' => '2028-01-26', 'lat' => 36.53, 'lon' => -6.29, 'timezone' => 'Europe/Madrid']);
        $this->get(route('eyewear.stock', $next))->assertSee('1 to destroy')->assertDontSee('11, cut through');
    }

    public function testWhichGlassesSuitWhom(): void
    {
        $this->get(route('eyewear.stock', $this->event))->assertSeeInOrder(['Class 5B', 'A, Glasses with a plastic frame', 'Does not suit all', 'slips from a child']);
        $this->lot->update(['worn_by' => Wearer::Anyone]);
        $this->get(route('eyewear.stock', $this->event))->assertSeeInOrder(['Class 5B', 'Suits them']);
        $this->lot->update(['over_spectacles' => Stated::No]);
        $this->get(route('eyewear.stock', $this->event))->assertSee('It does not go over spectacles, and 3 of them wear some.');
        $this->event->update(['policy' => 'indirect_only']);
        $this->get(route('eyewear.stock', $this->event))->assertSee('No group may look through glasses')->assertSee('Enough: 10 pairs are fit, 0 are needed.');
    }

    public function testTheRecordOfAllInspectionsGoesOut(): void
    {
        $csv = $this->get(route('eyewear.checks.csv', $this->event))->assertOk()->streamedContent();
        $lines = explode("\r\n", trim($csv));
        self::assertCount(13, $lines);
        self::assertSame('entry,lot,tag,event,occasion,found,taken_back,corrects,checked_by,checked_at,received_at', $lines[0]);
        self::assertStringContainsString(",A,11,{$this->event->title},arrival,hole,false,,", $lines[11]);
        self::assertStringContainsString(',2027-05-01T12:00:00', $lines[11]);
        $this->actingAs($this->member());
        $this->get(route('eyewear.checks.csv', $this->event))->assertNotFound();
    }

    public function testAHelperLooksOnly(): void
    {
        $this->actingAs($this->member(Role::Helper, $this->user->organisation));
        $this->get(route('eyewear.stock', $this->event))->assertOk()->assertDontSee('Hand out, take back');
        $this->move('out', 1)->assertForbidden();
    }

    /** @return list<string> the figures of the first lot's row */
    private function numbers(string $page): array
    {
        preg_match_all('/<td class="is-number" data-label="[^"]+">\s*(\d+)/', $page, $found);

        return array_slice($found[1], 0, 7);
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
    private function move(string $what, int $pairs): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('eyewear.stock.store', $this->event), ['what' => $what, 'lot_id' => (string) $this->lot->id, 'group_id' => (string) $this->group->id, 'pairs' => (string) $pairs] + self::newForm());
    }
}
