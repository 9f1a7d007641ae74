<?php

declare(strict_types=1);

namespace Tests\Feature\Day;

use App\Domain\Day\DayLog;
use App\Domain\Day\Writer;
use App\Domain\Event\EventReader;
use App\Models\Day\DayEntry;
use App\Models\Day\Rehearsal;
use App\Models\Event;
use App\Models\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use KeenShadow\Core\Day\DayTables;
use KeenShadow\Core\Day\EntryKind;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The day's screen and its log, as devices use them. The states themselves are checked in core. */
final class DayTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    private User $helper;

    private Event $event;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->helper = $this->member(Role::Helper, $this->organiser->organisation);
        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid']);
        $this->actingAs($this->organiser);
    }

    /** Filters off 10:45:31 and on by 10:48:11 are the rule's (SheetTest); a second of doubt draws both in, and none of it is called by an unknown clock. */
    public function testTheScreenTicksByCoresTables(): void
    {
        $this->post(route('runsheet.propose', $this->event), ['from' => '', 'occasion' => 'public']);
        $this->get(route('day.show', $this->event))->assertOk()->assertSeeInOrder(['The whole day', 'First bite', '10:45:31', 'Filters may come off', '10:48:01', 'Warning', '10:48:11', 'Filters on, filters on'])->assertSee('10:43, 2 min before C2');
        $pack = $this->pack();
        $here = $this->app->make(EventReader::class)->facts($this->event->refresh());
        $tables = DayTables::of($here->here, $here->filters());
        self::assertCount(count($tables->tables), $pack['tables']);
        foreach ($tables->tables as $i => $table) {
            self::assertSame(is_finite($table->uncertaintyS) ? $table->uncertaintyS : null, $pack['tables'][$i]['uncertainty'] === null ? null : (float) $pack['tables'][$i]['uncertainty']);
            foreach ($table->spans as $j => $span) {
                $shown = $pack['tables'][$i]['spans'][$j];
                self::assertSame([$span->state->value, $span->state->whenClouded()->value, 'stopped'], [$shown['planned'], $shown['cloud'], $shown['stop']]);
                if ($shown['to'] !== null) {
                    self::assertLessThan(1.0, abs($shown['to'] - 1000 * $span->toS));
                    self::assertTrue($span->state->areFiltersOn() ? $shown['to'] >= 1000 * $span->toS : $shown['to'] <= 1000 * $span->toS, 'to the millisecond, on the side of the filters');
                }
            }
            self::assertCount(count($table->filterCalls()), $pack['tables'][$i]['calls']);
        }
        $times = array_map(static fn(array $table): array => array_column($table['calls'], 'time'), $pack['tables']);
        self::assertSame([['10:45:31', '10:48:01', '10:48:11'], ['10:45:32', '10:48:00', '10:48:10'], []], [$times[0], $times[3], $times[count($times) - 1]]);
        self::assertNotSame([], $pack['lines']);
    }

    public function testALineIsStoredOnceHoweverOftenItIsSent(): void
    {
        $line = self::line(EntryKind::Note, ['text' => 'The first star']);
        foreach ([1, 2] as $time) {
            $answer = $this->send([$line])->assertOk();
            self::assertSame([$line['uuid'] => ''], $answer->json('stored'));
        }
        self::assertSame(['The first star'], DayEntry::query()->pluck('text')->all());
        $other = $this->send([['text' => 'Another'] + $line])->assertOk();
        self::assertSame([$line['uuid'] => 'Something else was stored under its number before.'], $other->json('stored'));
        $foreign = $this->eventOf($this->member());
        $this->postJson(route('day.entries', $foreign), ['sent_at' => 0, 'since' => 0, 'rehearsals' => [], 'entries' => []])->assertNotFound();
    }

    /** Whoever is there may put filters on; only who leads may end that, or speak to all. */
    #[TestWith([EntryKind::Stop, true])]
    #[TestWith([EntryKind::Cloud, true])]
    #[TestWith([EntryKind::Note, true])]
    #[TestWith([EntryKind::CheckIn, true])]
    #[TestWith([EntryKind::FilterOff, true])]
    #[TestWith([EntryKind::GoOn, false])]
    #[TestWith([EntryKind::Clear, false])]
    #[TestWith([EntryKind::Message, false])]
    public function testWhoMayCallWhat(EntryKind $kind, bool $mayHelper): void
    {
        $this->actingAs($this->helper);
        $line = self::line($kind);
        self::assertSame([$line['uuid'] => $mayHelper ? '' : 'Only an organiser may do this.'], $this->send([$line])->json('stored'));
        self::assertSame($mayHelper ? 1 : 0, DayEntry::query()->count());
        $this->actingAs($this->organiser);
        $line = self::line($kind);
        self::assertSame([$line['uuid'] => ''], $this->send([$line])->json('stored'));
    }

    /** A device that is an hour ahead, or a week behind, calls a stop now: it holds at once, and what takes it back comes after it. */
    #[TestWith([3_600_000])]
    #[TestWith([-604_800_000])]
    public function testAWrongClockCallsAtTheRightMoment(int $wrongMs): void
    {
        $now = CarbonImmutable::now()->getTimestampMs();
        $this->postJson(route('day.entries', $this->event), ['sent_at' => $now + $wrongMs, 'since' => 0, 'rehearsals' => [], 'entries' => [self::line(EntryKind::Stop, ['made' => $now + $wrongMs - 2000])]])->assertOk();
        self::assertEqualsWithDelta($now / 1000 - 2, (float) DayEntry::query()->sole()->made_at->format('U.u'), 1.5);
        $this->send([self::line(EntryKind::GoOn, ['made' => $now + 9_000_000])]);
        self::assertLessThanOrEqual(microtime(true), (float) DayEntry::query()->latest('id')->firstOrFail()->made_at->format('U.u'), 'nothing was made later than now');
    }

    public function testARehearsalIsKeptApartAndOfferedToAllUntilItEnds(): void
    {
        $rehearsal = ['uuid' => Str::uuid()->toString(), 'from' => 1_817_196_000_000, 'begun' => CarbonImmutable::now()->getTimestampMs(), 'speed' => 60, 'is_for_all' => true];
        $cloud = self::line(EntryKind::Cloud, ['rehearsal' => $rehearsal['uuid']]);
        $this->send([$cloud], [$rehearsal])->assertOk()->assertJsonPath('rehearsal.uuid', $rehearsal['uuid'])->assertJsonPath('rehearsal.from', 1_817_196_000_000)->assertJsonPath('rehearsal.speed', 60);
        $this->actingAs($this->helper);
        $this->getJson(route('day.live', $this->event))->assertJsonPath('rehearsal.uuid', $rehearsal['uuid'])->assertJsonPath('entries.0.rehearsal', $rehearsal['uuid'])->assertJsonPath('entries.0.who', $this->organiser->name);
        // A helper rehearses alone.
        $alone = ['uuid' => Str::uuid()->toString()] + $rehearsal;
        $this->send([], [$alone])->assertJsonPath('rehearsal.uuid', $rehearsal['uuid']);
        $old = ['uuid' => Str::uuid()->toString(), 'from' => -488_500_000_500] + $rehearsal;
        $this->send([], [$old])->assertOk();
        self::assertSame('1954-07-10 01:33:19.500', Rehearsal::query()->where('uuid', $old['uuid'])->sole()->from_at->utc()->format('Y-m-d H:i:s.v'), 'an eclipse before 1970 is played as well');
        $stray = self::line(EntryKind::Note, ['rehearsal' => Str::uuid()->toString()]);
        self::assertSame([$stray['uuid'] => 'The rehearsal that it belongs to is not here.'], $this->send([$stray])->json('stored'));
        $this->actingAs($this->organiser);
        $this->send([self::line(EntryKind::RehearsalEnds, ['rehearsal' => $rehearsal['uuid']])])->assertJsonPath('rehearsal', null);
        $this->get(route('events.index'))->assertOk();
        $this->get(route('sky.show', $this->event))->assertSee('rehearsed 3 times');
    }

    /** Who asks for what is new misses nothing: numbers become visible in their order, because one stores after the other. */
    public function testOneStoresAfterTheOther(): void
    {
        DB::connection('owner')->beginTransaction();
        DB::connection('owner')->select('select pg_advisory_xact_lock(hashtext(?), ?)', ['day', $this->event->id]);
        DB::statement("set local lock_timeout = '200ms'");
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('lock timeout');
        try {
            DayLog::of($this->event)->store([], [], Writer::user($this->organiser));
        } finally {
            DB::connection('owner')->rollBack();
        }
    }

    public function testAChangedRunSheetIsAnnounced(): void
    {
        $before = $this->pack()['stamp'];
        self::assertSame($before, $this->getJson(route('day.live', $this->event))->json('stamp'));
        $this->post(route('runsheet.propose', $this->event), ['from' => '', 'occasion' => 'public']);
        self::assertNotSame($before, $this->getJson(route('day.live', $this->event))->json('stamp'));
        self::assertSame($this->pack()['stamp'], $this->getJson(route('day.live', $this->event))->json('stamp'));
    }

    /** In November the clock of Cádiz is that of winter, on the day of August that of summer (IANA rules); each under its name. */
    public function testThePlacesClockWheneverItIsOpened(): void
    {
        $this->travelTo(new CarbonImmutable('2026-11-27 12:00:00'));
        $page = (string) $this->get(route('day.show', $this->event))->assertOk()->getContent();
        self::assertSame(1, preg_match('~<script type="application/json" id="day-data"[^>]*>(.*?)</script>~s', $page, $match));
        /** @var array{offsets: list<array{from: int, seconds: int, zone: string}>} $data */
        $data = json_decode($match[1], true, flags: JSON_THROW_ON_ERROR);
        $at = static function (string $moment) use ($data): array {
            $told = [];
            foreach ($data['offsets'] as $offset) {
                $told = $offset['from'] <= 1000 * (new CarbonImmutable($moment))->getTimestamp() ? [$offset['seconds'], $offset['zone']] : $told;
            }

            return $told;
        };
        self::assertSame([3600, 'CET, UTC+1'], $at('2026-11-27 12:00:00'));
        self::assertSame([7200, 'CEST, UTC+2'], $at('2027-08-02 08:00:00'));
        self::assertSame([3600, 'CET, UTC+1'], $at('2027-12-01'));
    }

    public function testTheServersTime(): void
    {
        self::assertEqualsWithDelta(1000 * microtime(true), $this->getJson(route('day.time'))->assertOk()->assertHeader('Cache-Control', 'no-store, private')->json('ms'), 500);
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array{uuid: string, kind: string, made: int}
     */
    private static function line(EntryKind $kind, array $with = []): array
    {
        /** @var array{uuid: string, kind: string, made: int} */
        return $with + ['uuid' => Str::uuid()->toString(), 'kind' => $kind->value, 'made' => CarbonImmutable::now()->getTimestampMs() - 500];
    }

    /**
     * @param list<array<string, mixed>> $lines
     * @param list<array<string, mixed>> $rehearsals
     *
     * @return TestResponse<Response>
     */
    private function send(array $lines, array $rehearsals = []): TestResponse
    {
        return $this->postJson(route('day.entries', $this->event), ['sent_at' => CarbonImmutable::now()->getTimestampMs(), 'since' => 0, 'rehearsals' => $rehearsals, 'entries' => $lines]);
    }

    /** @return array{stamp: string, tables: list<array{uncertainty: float|int|null, spans: list<array{to: int|null, planned: string, cloud: string, stop: string}>, calls: list<array{id: string, time: string}>}>, lines: list<array<string, mixed>>} */
    private function pack(): array
    {
        /** @var array{stamp: string, tables: list<array{uncertainty: float|int|null, spans: list<array{to: int|null, planned: string, cloud: string, stop: string}>, calls: list<array{id: string, time: string}>}>, lines: list<array<string, mixed>>} */
        return $this->getJson(route('day.pack', $this->event))->assertOk()->json('pack');
    }
}
