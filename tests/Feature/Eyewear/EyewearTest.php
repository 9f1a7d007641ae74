<?php

declare(strict_types=1);

namespace Tests\Feature\Eyewear;

use App\Domain\Event\FitPairs;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use App\Models\Role;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use KeenShadow\Core\Eyewear\Origin;
use KeenShadow\Core\Eyewear\PairFault;
use KeenShadow\Core\Eyewear\PrintedStandard;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class EyewearTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private const PAPERS = [
        'label' => 'Batch 12', 'kind' => 'card_glasses', 'pairs' => '40', 'over_spectacles' => 'no', 'blocks_side_light' => 'no', 'worn_by' => 'anyone', 'maker_name' => 'yes', 'maker_address' => 'yes', 'printed_standard' => 'iso12312',
        'instructions' => 'yes', 'warnings' => 'yes', 'expires_on' => '', 'origin' => 'maker', 'test_report' => 'product_and_batch',
    ];

    public function testALotGetsItsVerdictWithReasons(): void
    {
        $this->post(route('eyewear.store', $this->event), self::PAPERS + self::newForm());
        $lot = Lot::query()->firstOrFail();
        $this->get(route('eyewear.show', [$this->event, $lot]))->assertOk()->assertSee('Papers in order');

        $this->put(route('eyewear.update', [$this->event, $lot]), ['maker_name' => 'no', 'expires_on' => '2027-08-01'] + self::PAPERS + self::formOf($lot));
        $this->get(route('eyewear.show', [$this->event, $lot]))
            ->assertSeeInOrder(['Do not hand out', 'No maker is named', 'expiry date lies before'])
            ->assertSee('ISO 12312-2:2015, from memory');
        $this->get(route('eyewear.index', $this->event))->assertSeeInOrder(['Batch 12', 'Do not hand out']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no pairs' => [['pairs' => '0'], 'pairs'];
        yield 'half a pair' => [['pairs' => '1.5'], 'pairs'];
        yield 'unanswered' => [['warnings' => ''], 'warnings'];
        yield 'an answer that is none' => [['origin' => 'the moon'], 'origin'];
        yield 'a date that is none' => [['expires_on' => '31/12/2027'], 'expires_on'];
        yield 'no label' => [['label' => ''], 'label'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('mistakes')]
    public function testAMistakeInThePapersIsNamedAndNothingIsLost(array $change, string $field): void
    {
        $form = route('eyewear.create', $this->event);
        $this->from($form)->post(route('eyewear.store', $this->event), $change + self::PAPERS + self::newForm())->assertRedirect($form)->assertSessionHasErrors($field);
        self::assertSame(0, Lot::query()->count());
        $this->get($form)->assertSee($field === 'label' ? '40' : 'Batch 12')->assertSee("{$field}-fault", false);
    }

    public function testPairsAreRecordedAndTagsCountUp(): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'pairs' => 3]);
        $this->check($lot, 1)->assertRedirect(route('eyewear.show', [$this->event, $lot]) . '?tag=2#check');
        $this->check($lot, 2, [PairFault::Scratch, PairFault::Dirt]);
        $this->check($lot, 3, [PairFault::Dirt]);

        $this->get(route('eyewear.show', [$this->event, $lot]))
            ->assertSee('Fit to use 1')->assertSee('Hold 1')->assertSee('Withdraw and destroy 1')->assertSee('not inspected 0');
        $this->get(route('sky.show', $this->event))->assertSee('all pairs inspected');
        // What its papers rule out is set aside, not looked over; what is in doubt is.
        Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'pairs' => 50, 'maker_name' => 'no']);
        $this->get(route('sky.show', $this->event))->assertSee('all pairs inspected');
        Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'pairs' => 30, 'origin' => Origin::WebShop]);
        $this->get(route('sky.show', $this->event))->assertSee('30 pairs not inspected');
    }

    /** A look on arrival counts until the day; on the day, and for the next event, every clean pair is looked over again. What was found stays found. */
    public function testALookCountsForItsOccasion(): void
    {
        $this->travelTo('2027-05-01 12:00:00');
        $this->event->update(['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'timezone' => 'Europe/Madrid']);
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'pairs' => 4]);
        $this->check($lot, 1);
        $this->check($lot, 2, [PairFault::Scratch]);
        $shown = fn(?string $occasion = null, ?Event $event = null) => $this->get(route('eyewear.show', [$event ?? $this->event, $lot, 'occasion' => $occasion]))->assertOk();
        $shown()->assertSee('Fit to use 1')->assertSee('Withdraw and destroy 1')->assertSee('2 pairs are still to be looked over.')->assertDontSee('looked over again');
        $shown('day')->assertSee('Fit to use 0')->assertSee('Withdraw and destroy 1')->assertSee('3 pairs are still to be looked over, by the first contact at 09:40. 1 of them was looked over before and is looked over again.');
        // The next to be looked over: after both, for the arrival; from the first on, for the day; a damaged one is done with.
        $shown()->assertSee('name="tag" value="3"', false);
        $shown('day')->assertSee('name="tag" value="1"', false);
        $shown('nonsense')->assertSee('Fit to use 1');
        $this->get(route('eyewear.index', [$this->event, 'occasion' => 'rehearsal']))->assertSee('1 again');
        self::assertSame(1, app(FitPairs::class)->count($this->event));

        // In the morning nothing of that counts, until it is looked over for the day.
        $this->travelTo('2027-08-02 05:00:00');
        self::assertSame(0, app(FitPairs::class)->count($this->event));
        $shown()->assertSee('Fit to use 0');
        $this->check($lot, 1);
        $shown()->assertSee('Fit to use 1');
        $shown('arrival')->assertSee('Fit to use 1');

        // Next year the same pairs begin anew; the scratched one does not come back.
        $this->travelTo('2028-01-10 12:00:00');
        $next = $this->eventOf($this->user, ['eclipse_date' => '2028-01-26', 'lat' => 36.53, 'lon' => -6.29, 'timezone' => 'Europe/Madrid']);
        $shown(null, $next)->assertSee('Fit to use 0')->assertSee('Withdraw and destroy 1')->assertSee('1 of them was looked over before')->assertSee('for another event');
        $this->post(route('eyewear.checks.store', [$next, $lot]), ['uuid' => Str::uuid7()->toString(), 'tag' => '1', 'occasion' => 'rehearsal'])->assertRedirect(route('eyewear.show', [$next, $lot]) . '?tag=2&occasion=rehearsal#check');
        $shown(null, $next)->assertSee('Fit to use 1');
        // The record of the event that is over stays what it was.
        $shown()->assertSee('Fit to use 1');
        $this->post(route('eyewear.checks.store', [$next, $lot]), ['uuid' => Str::uuid7()->toString(), 'tag' => '1', 'occasion' => 'party'])->assertSessionHasErrors('occasion');
    }

    /** Dirt comes off; a scratch that was seen once stays until that entry is taken back. */
    public function testWhatDoesNotHealStays(): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id]);
        $this->check($lot, 1, [PairFault::Dirt]);
        $this->check($lot, 1)->assertSessionMissing('status');
        $this->check($lot, 2, [PairFault::Scratch]);
        $this->check($lot, 2)->assertSessionHas('status', 'Tag 2 stays withdrawn: it was found damaged before. If that was wrong, take that entry back.');
        $this->check($lot, 2, [PairFault::Dirt]);
        $this->get(route('eyewear.show', [$this->event, $lot]))->assertSee('Fit to use 1')->assertSee('Hold 0')->assertSee('Withdraw and destroy 1');
        $this->post(route('eyewear.checks.take-back', [$this->event, $lot, PairCheck::query()->where('tag', 2)->orderBy('id')->firstOrFail()]));
        $this->get(route('eyewear.show', [$this->event, $lot]))->assertSee('Fit to use 1')->assertSee('Hold 1')->assertSee('Withdraw and destroy 0');
    }

    public function testAPairOfABadLotIsNeverFit(): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'printed_standard' => PrintedStandard::None]);
        $this->check($lot, 1);
        $this->get(route('eyewear.show', [$this->event, $lot]))->assertSee('Fit to use 0')->assertSee('Withdraw and destroy 1');
        // Nothing is frozen: with the papers in order it is fit, and on hold while they are in doubt.
        $lot->update(['printed_standard' => PrintedStandard::Iso12312]);
        $this->get(route('eyewear.show', [$this->event, $lot]))->assertSee('Fit to use 1')->assertSee('Withdraw and destroy 0');
        $lot->update(['origin' => Origin::WebShop]);
        $this->get(route('eyewear.show', [$this->event, $lot]))->assertSee('Fit to use 0')->assertSee('Hold 1');
    }

    public function testWhatIsSentTwiceIsStoredOnceAndTakingBackIsANewEntry(): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id]);
        $uuid = Str::uuid7()->toString();
        $this->check($lot, 5, [], $uuid);
        $this->check($lot, 5, [], $uuid);
        self::assertSame(1, PairCheck::query()->count());

        $takeBack = route('eyewear.checks.take-back', [$this->event, $lot, PairCheck::query()->firstOrFail()]);
        $this->post($takeBack);
        $this->post($takeBack);
        self::assertSame(2, PairCheck::query()->count());
        self::assertSame(0, PairCheck::query()->standing()->count());
        $this->get(route('eyewear.show', [$this->event, $lot]))->assertSee('taken back')->assertSee('not inspected 40');
    }

    public function testAPageSentAgainWithSomethingElseLosesNothing(): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'pairs' => 40]);
        $uuid = Str::uuid7()->toString();
        $this->check($lot, 5, [PairFault::Dirt, PairFault::Scratch], $uuid);
        $this->check($lot, 5, [PairFault::Scratch, PairFault::Dirt], $uuid)->assertRedirect();
        foreach ([[5, [PairFault::Hole]], [5, []], [6, [PairFault::Dirt, PairFault::Scratch]]] as [$tag, $faults]) {
            $again = $this->check($lot, $tag, $faults, $uuid)->assertStatus(409)->assertSeeInOrder(['Nothing was saved yet', 'not recorded yet', 'Inspect a pair'])->assertDontSee($uuid)->assertSee("value=\"{$tag}\"", false);
            self::assertSame(count($faults), substr_count((string) $again->getContent(), ' checked>'));
        }
        self::assertSame(1, PairCheck::query()->count());
        $this->actingAs($this->member(Role::Checker, $this->user->organisation));
        $this->check($lot, 5, [PairFault::Dirt, PairFault::Scratch], $uuid)->assertStatus(409);
    }

    public function testALotIsNeverSmallerThanTheTagsThatAreInspected(): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'pairs' => 40]);
        $this->check($lot, 30);
        $smaller = ['pairs' => '29'] + self::PAPERS;
        $this->put(route('eyewear.update', [$this->event, $lot]), $smaller + self::formOf($lot))->assertSessionHasErrors(['pairs' => 'Pairs with higher tags have been inspected: it is 30 at least, or take those entries back first.']);
        $this->put(route('eyewear.update', [$this->event, $lot]), ['pairs' => '30'] + self::PAPERS + self::formOf($lot))->assertSessionHasNoErrors();
        $this->post(route('eyewear.checks.take-back', [$this->event, $lot, PairCheck::query()->firstOrFail()]));
        $this->put(route('eyewear.update', [$this->event, $lot]), $smaller + self::formOf($lot))->assertSessionHasNoErrors();
        self::assertSame(29, $lot->refresh()->pairs);
    }

    public function testTheDatabaseItselfKeepsTagsWithinTheirLot(): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'pairs' => 40]);
        $this->check($lot, 40);
        foreach (['update lots set pairs = 39', "insert into pair_checks (uuid, lot_id, tag, faults, event_id, occasion, checked_by, checked_at) values (gen_random_uuid(), {$lot->id}, 41, '[]', {$this->event->id}, 'arrival', {$this->user->id}, now())"] as $statement) {
            try {
                DB::transaction(static fn(): bool => DB::statement($statement));
                self::fail($statement);
            } catch (QueryException $e) {
                self::assertSame('23514', $e->getCode(), $e->getMessage());
            }
        }
    }

    public function testWrongTagsAndFaultsAreRefused(): void
    {
        $lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'pairs' => 40]);
        $this->check($lot, 41)->assertSessionHasErrors('tag');
        $this->check($lot, 0)->assertSessionHasErrors('tag');
        $this->post(route('eyewear.checks.store', [$this->event, $lot]), ['tag' => 1, 'uuid' => 'no', 'faults' => ['melted']])->assertSessionHasErrors(['uuid', 'faults.0']);
        self::assertSame(0, PairCheck::query()->count());
    }

    /**
     * @param list<PairFault> $faults
     *
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response>
     */
    private function check(Lot $lot, int $tag, array $faults = [], ?string $uuid = null): \Illuminate\Testing\TestResponse
    {
        return $this->post(route('eyewear.checks.store', [$this->event, $lot]), [
            'uuid' => $uuid ?? Str::uuid7()->toString(),
            'tag' => $tag,
            'faults' => array_map(static fn(PairFault $fault): string => $fault->value, $faults),
        ]);
    }
}
