<?php

declare(strict_types=1);

namespace Tests\Feature\Eyewear;

use App\Models\Eyewear\Lot;
use App\Models\Eyewear\PairCheck;
use App\Models\Eyewear\Tray;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use KeenShadow\Core\Eyewear\Kind;
use KeenShadow\Core\Eyewear\PairFault;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The looking-over station's side of the server: tags for several checkers, entries that come late, twice, or wrong. */
final class StationTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private Lot $lot;

    private User $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->lot = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'pairs' => 100]);
        $this->other = $this->member(Role::Checker, $this->user->organisation);
    }

    public function testSeveralCheckersNeverMeetOnATag(): void
    {
        $first = $this->take(['size' => 30]);
        self::assertSame([range(1, 30), []], [$first['tags'], $first['others']]);
        $uuid = Str::uuid7()->toString();
        $this->actingAs($this->other);
        $second = $this->take(['uuid' => $uuid, 'size' => 30]);
        self::assertSame(range(31, 60), $second['tags']);
        self::assertStringContainsString("{$this->user->name}: tags 1 to 30", $second['others'][0]['words']);
        // The same question again brings the same tags; another's tray is nobody else's.
        self::assertSame($second, $this->take(['uuid' => $uuid, 'size' => 30]));
        self::assertSame([], $this->actingAs($this->user)->take(['uuid' => $uuid])['tags']);
        // What is held cannot be begun at; what is free can, up to what is held.
        self::assertSame([], $this->take(['from' => 45])['tags']);
        self::assertSame(range(90, 100), $this->take(['from' => 90])['tags']);
        self::assertSame(range(61, 89), $this->take()['tags']);
        self::assertSame([], $this->take()['tags']);
        // Another occasion is another tray.
        self::assertSame(range(1, 50), $this->take(['occasion' => 'day'])['tags']);
    }

    public function testTheDatabaseItselfKeepsTraysApart(): void
    {
        $this->take(['size' => 30]);
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('trays_apart');
        DB::insert("insert into trays (uuid, lot_id, event_id, occasion, checker_id, tags, taken_at, seen_at) values (gen_random_uuid(), {$this->lot->id}, {$this->event->id}, 'arrival', {$this->other->id}, '[30,40)', now(), now())");
    }

    /** What is looked over, or damaged, is on no tray; a tray goes on past it. Given back, the rest is free again. */
    public function testATrayHoldsWhatIsToBeLookedOver(): void
    {
        $this->send([self::found(2), self::found(5, [PairFault::Scratch]), self::found(7, [PairFault::Dirt])]);
        self::assertSame([1, 3, 4, 6, 8], $this->take(['size' => 5, 'uuid' => $tray = Str::uuid7()->toString()])['tags']);
        $this->send([self::found(1), self::found(3)], $tray);
        $this->travel(5)->minutes();
        self::assertTrue($this->send([], $tray)['isHeld']);
        self::assertSame(now()->getTimestamp(), Tray::query()->sole()->seen_at->getTimestamp());
        $this->actingAs($this->other)->postJson(route('eyewear.trays.release', [$this->event, $this->lot]), ['uuid' => $tray, 'occasion' => 'arrival'])->assertOk();
        self::assertSame([4, 6, 8], array_slice($this->take()['tags'], 0, 3));
        self::assertFalse($this->actingAs($this->user)->send([], $tray)['isHeld']);
        // In place of the one that is held, another.
        self::assertSame(range(56, 65), $this->take(['size' => 10, 'uuid' => $mine = Str::uuid7()->toString()])['tags']);
        self::assertSame(range(56, 60), $this->take(['size' => 5, 'instead' => $mine])['tags']);
    }

    public function testEntriesAreStoredOnceHoweverOftenTheyCome(): void
    {
        $entries = [self::found(1), self::found(2, [PairFault::Scratch, PairFault::Scratch]), self::found(3, [PairFault::Scratch])];
        $entries[] = ['uuid' => Str::uuid7()->toString(), 'tag' => 2, 'faults' => [], 'voids' => $entries[1]['uuid'], 'seen_at' => null];
        $answer = $this->send($entries);
        self::assertSame(array_fill_keys(array_column($entries, 'uuid'), ''), $answer['entries']);
        self::assertSame([['yes' => 1, 'hold' => 0, 'no' => 1], 98], [$answer['counts'], $answer['left']]);
        self::assertSame($answer, $this->send($entries));
        self::assertSame(4, PairCheck::query()->count());
        // Taken back already, by somebody else or in another way: what was meant is done.
        self::assertSame([''], array_values($this->send([['uuid' => Str::uuid7()->toString(), 'tag' => 2, 'faults' => [], 'voids' => $entries[1]['uuid']]])['entries']));
        self::assertSame(4, PairCheck::query()->count());
    }

    /** What is left and what is handed out are the same pairs: dirt of another occasion is looked over again, a hole is not. */
    public function testWhatIsLeftIsWhatIsHandedOut(): void
    {
        $this->send([self::found(1), self::found(2, [PairFault::Dirt]), self::found(3, [PairFault::Hole]), self::found(4, [PairFault::Dirt, PairFault::Scratch])]);
        foreach (['arrival' => 96, 'rehearsal' => 98, 'day' => 98] as $occasion => $left) {
            $taken = $this->take(['occasion' => $occasion, 'size' => 200]);
            self::assertSame([$left, $left], [count($taken['tags']), $taken['left']], $occasion);
        }
    }

    /** One that cannot be stored is told with its reason; the others are stored. */
    public function testWhatCannotBeStoredIsSaidOfEach(): void
    {
        $good = self::found(1);
        $this->send([$good]);
        $bad = [['tag' => 101] + self::found(101), ['faults' => ['hole']] + $good, ['voids' => Str::uuid7()->toString()] + self::found(4)];
        $answer = $this->send([...$bad, $new = self::found(9)])['entries'];
        self::assertSame(['The lot has fewer pairs by now.', 'Something else was stored under its number before.', 'The entry that it takes back is not here.', ''], array_map(static fn(array $entry): mixed => $answer[$entry['uuid']], [...$bad, $new]));
        self::assertSame([1, 9], PairCheck::query()->orderBy('tag')->pluck('tag')->all());
        foreach ([['entries' => [['tag' => 1]]], ['entries' => 'x'], ['entries' => array_fill(0, 201, self::found(1))], ['occasion' => 'party'], ['entries' => [['faults' => ['melted']] + self::found(1)]]] as $wrong) {
            $this->postJson(route('eyewear.entries.store', [$this->event, $this->lot]), $wrong + ['occasion' => 'arrival', 'entries' => [$good]])->assertStatus(422);
        }
    }

    /** By the clock of the device, within reason; when it came in is written beside it. */
    public function testWhenItWasSeenAndWhenItCameIn(): void
    {
        $this->travelTo('2027-08-02 08:00:00');
        $times = ['2027-08-02T07:10:05Z' => '2027-08-02 07:10:05', '2027-08-02T08:01:00Z' => '2027-08-02 08:01:00', '2027-08-02T09:00:00Z' => '2027-08-02 08:00:00', '2026-01-01T00:00:00Z' => '2027-08-02 08:00:00'];
        foreach (array_keys($times) as $i => $seenAt) {
            $this->send([['seen_at' => $seenAt] + self::found($i + 1)]);
        }
        self::assertSame(array_values($times), PairCheck::query()->orderBy('tag')->get()->map(static fn(PairCheck $c): string => $c->checked_at->utc()->format('Y-m-d H:i:s'))->all());
    }

    /** The clock of a device is an hour slow, and it comes late: what was looked at last decides, not what came in last. */
    public function testWhatWasLookedAtLastDecides(): void
    {
        $this->travelTo('2027-08-02 08:00:00');
        $clean = ['seen_at' => '2027-08-02T06:10:00Z'] + self::found(1);
        $this->send([['seen_at' => '2027-08-02T07:30:00Z'] + self::found(1, [PairFault::Dirt])]);
        $answer = $this->postJson(route('eyewear.entries.store', [$this->event, $this->lot]), ['occasion' => 'arrival', 'tray' => null, 'sent_at' => '2027-08-02T07:00:00Z', 'entries' => [$clean]])->assertOk();
        $answer->assertJsonPath('counts', ['yes' => 0, 'hold' => 1, 'no' => 0]);
        self::assertSame('2027-08-02 07:10:00', PairCheck::query()->where('uuid', $clean['uuid'])->sole()->checked_at->utc()->format('Y-m-d H:i:s'));
        $this->send([['seen_at' => '2027-08-02T07:45:00Z'] + self::found(1)]);
        $this->get(route('eyewear.pair', [$this->event, $this->lot, 1, 'occasion' => 'arrival']))->assertSee('Fit to use');
    }

    public function testTheStationShowsWhatEachKeyMeans(): void
    {
        $station = fn(Lot $lot) => $this->get(route('eyewear.station', [$this->event, $lot]));
        $station($this->lot)->assertOk()->assertSee('Nothing found')->assertSee('Withdraw and destroy: scratch. Cut through the lenses')->assertSee('Hold: dirt. Clean it')->assertSee('"words":"Fit to use"', false);
        $this->lot->update(['origin' => 'web_shop']);
        $station($this->lot)->assertSee('"words":"Hold. Keep it apart; settle the lot first."', false);
        $filters = Lot::factory()->create(['organisation_id' => $this->user->organisation_id, 'kind' => Kind::FrontFilter, 'printed_standard' => null, 'worn_by' => null, 'over_spectacles' => null, 'blocks_side_light' => null, 'made_for' => 'looking']);
        $station($filters)->assertSee('held against the Sun, no hole')->assertSee('finder not capped');
        $this->actingAs($this->member(Role::Helper, $this->user->organisation));
        $station($this->lot)->assertForbidden();
    }

    /** The code of a label leads to the pair's record at the event that comes next, or was last. */
    public function testALabelsCodeLeadsToThePairsRecord(): void
    {
        $this->travelTo('2027-01-01 12:00:00');
        $this->event->update(['eclipse_date' => '2026-08-12']);
        $next = $this->eventOf($this->user, ['eclipse_date' => '2027-08-02']);
        $later = $this->eventOf($this->user, ['eclipse_date' => '2028-01-26']);
        $labels = $this->get(route('eyewear.labels', [$this->event, $this->lot, 'from' => '7', 'to' => '40']))->assertOk();
        self::assertSame(34, substr_count((string) $labels->getContent(), 'data-address='));
        self::assertSame(2, substr_count((string) $labels->getContent(), 'class="label-sheet label-sheet-3x8"'));
        $labels->assertSee('data-address="' . route('eyewear.tag', [$this->lot, 7]) . '"', false);
        $this->get(route('eyewear.labels', [$this->event, $this->lot, 'from' => '99999', 'sheet' => '5x13']))->assertOk()->assertSee('label-sheet-5x13', false);
        $this->get(route('eyewear.labels', [$this->event, $this->lot, 'test' => '1']))->assertSee('100 mm, at 100 %')->assertDontSee('data-address', false);
        $this->get(route('eyewear.tag', [$this->lot, 7]))->assertRedirect(route('eyewear.pair', [$next, $this->lot, 7]));
        $this->travelTo('2029-01-01 12:00:00');
        $this->get(route('eyewear.tag', [$this->lot, 7]))->assertRedirect(route('eyewear.pair', [$later, $this->lot, 7]));

        $pair = route('eyewear.pair', [$next, $this->lot, 7]);
        $this->get($pair)->assertOk()->assertSee('Nobody has looked it over yet.');
        $this->post(route('eyewear.checks.store', [$next, $this->lot]), ['uuid' => Str::uuid7()->toString(), 'tag' => '7', 'faults' => ['hole'], 'back' => 'pair'])->assertRedirect($pair);
        $this->get($pair)->assertSeeInOrder(['Withdraw and destroy', 'There is a hole', 'All that was entered', 'hole or crack']);
        $this->get(route('eyewear.pair', [$next, $this->lot, 101]))->assertNotFound();
        $this->actingAs($this->member())->get(route('eyewear.tag', [$this->lot, 7]))->assertNotFound();
    }

    /**
     * @param list<PairFault> $faults
     *
     * @return array{uuid: string, tag: int, faults: list<string>, voids: null, seen_at: string|null}
     */
    private static function found(int $tag, array $faults = []): array
    {
        return ['uuid' => Str::uuid7()->toString(), 'tag' => $tag, 'faults' => array_map(static fn(PairFault $fault): string => $fault->value, $faults), 'voids' => null, 'seen_at' => null];
    }

    /**
     * @param array<string, int|string> $with
     *
     * @return array{tags: list<int>, others: list<array{uuid: string, words: string}>, left: int}
     */
    private function take(array $with = []): array
    {
        /** @var array{tags: list<int>, others: list<array{uuid: string, words: string}>, left: int} */
        return $this->postJson(route('eyewear.trays.take', [$this->event, $this->lot]), $with + ['uuid' => Str::uuid7()->toString(), 'occasion' => 'arrival'])->assertOk()->json();
    }

    /**
     * @param list<array<string, mixed>> $entries
     *
     * @return array{entries: array<string, string>, isHeld: bool, counts: array<string, int>, left: int}
     */
    private function send(array $entries, ?string $tray = null): array
    {
        /** @var array{entries: array<string, string>, isHeld: bool, counts: array<string, int>, left: int} */
        return $this->postJson(route('eyewear.entries.store', [$this->event, $this->lot]), ['occasion' => 'arrival', 'tray' => $tray, 'entries' => $entries])->assertOk()->json();
    }
}
