<?php

declare(strict_types=1);

namespace Tests\Feature\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\DoubleBooking;
use App\Domain\RunSheet\EventRotas;
use App\Domain\RunSheet\EventSheet;
use App\Models\Event;
use App\Models\Role;
use App\Models\RunSheet\Duty;
use App\Models\RunSheet\Helper;
use App\Models\User;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Helpers, their duties and their private addresses. */
final class CrewTest extends TestCase
{
    use RefreshDatabase;

    private const PLACE = ['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid', 'policy' => 'mixed'];

    private User $organiser;

    private Event $event;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->event('Here');
        $this->actingAs($this->organiser);
    }

    /** Contact data is for organisers; who only helps sees names and hours. */
    public function testAHelperIsWrittenDownSeenAndRemovedForGood(): void
    {
        $form = ['uuid' => Str::uuid()->toString(), 'name' => 'Ines', 'contact' => '600 000 001', 'training' => ['instrument']];
        $this->post(route('runsheet.helpers.store', $this->event), $form)->assertSessionHasNoErrors();
        $this->post(route('runsheet.helpers.store', $this->event), $form)->assertSessionHasNoErrors();
        $ines = Helper::query()->sole();
        $this->post(route('runsheet.helpers.store', $this->event), ['uuid' => Str::uuid()->toString()] + $form)->assertSessionHasErrors('name');
        $this->post(route('runsheet.helpers.store', $this->event), ['name' => 'X', 'training' => ['swords'], 'uuid' => Str::uuid()->toString()])->assertSessionHasErrors('training.0');
        $this->comes($ines);
        $id = $this->duty($ines, '10:00', '10:30');
        $this->put(route('runsheet.helpers.comes', [$this->event, $ines]), ['from' => $this->event->refresh()->sheet_revision_id, 'comes' => 1, 'comes_from' => '11:00', 'comes_to' => '09:00'])->assertSessionHasErrors('comes_to');
        $this->put(route('runsheet.helpers.comes', [$this->event, $ines]), ['from' => $this->event->refresh()->sheet_revision_id, 'comes' => 1, 'comes_from' => '09:00', 'comes_to' => '10:20'])->assertSessionHasNoErrors();
        $this->get(route('runsheet.crew', $this->event))->assertSee('09:00–10:20')->assertSee('Ines at Telescope, 10:00–10:30: not there all of the time.');
        $this->comes($ines);
        $this->get(route('runsheet.crew', $this->event))->assertOk()->assertSee('600 000 001')->assertSee('10:00–10:30 Telescope');

        $this->actingAs($this->member(Role::Helper, $this->organiser->organisation));
        $this->get(route('runsheet.crew', $this->event))->assertOk()->assertSee('Ines')->assertDontSee('600 000 001')->assertDontSee($ines->duty_key);
        $this->get(route('runsheet.helpers.edit', [$this->event, $ines]))->assertForbidden();

        $this->actingAs($this->organiser)->delete(route('runsheet.helpers.destroy', [$this->event, $ines]))->assertRedirect();
        self::assertSame([0, 0], [Helper::query()->count(), Duty::query()->count()]);
        self::assertStringNotContainsString('600 000 001', (string) json_encode(DB::table('sheet_revisions')->get()));
        self::assertArrayHasKey($id, EventSheet::of($this->event->refresh())->sheet()->rota->posts);
        $this->get(route('runsheet.crew', $this->event))->assertOk()->assertSee('a duty for somebody who is not asked to come');
        $this->get(route('runsheet.duties', $ines->duty_key))->assertNotFound();
    }

    /** Without an account, their own and nothing of others; a calendar keeps what it is called and knows what is newer. */
    public function testAPrivateAddressShowsTheirOwnDuties(): void
    {
        [$ines, $omar] = [$this->helper('Ines'), $this->helper('Omar')];
        $id = $this->duty($ines, '10:00', '10:30');
        $this->duty($omar, '10:30', '11:00');
        EventSheet::of($this->event)->change($this->event->refresh()->sheet_revision_id, static fn(Sheet $s): Sheet => $s->with(Cue::of(Str::uuid7()->toString(), CueKind::Call, 'Call the first bite', Anchor::C1, who: 'ines')), $this->organiser);
        Auth::forgetUser();

        $page = $this->get(route('runsheet.duties', $ines->duty_key))->assertOk()->assertHeader('X-Robots-Tag', 'noindex');
        $page->assertSeeInOrder(['Duties of Ines', '2 duties', 'Monday 2 August 2027', 'Filters may come off from 10:45:31 to 10:48:11.', '09:40', 'Call the first bite', '10:00–10:30', 'Telescope', 'Never leave it before somebody has taken over'])->assertDontSee('Omar')->assertDontSee('10:30–11:00');
        self::assertStringContainsString('no-cache', (string) $page->headers->get('Cache-Control'));
        $this->get(route('runsheet.duties', str_repeat('0', 40)))->assertNotFound();

        $before = $this->calendar($ines);
        self::assertSame(['cue', 'post'], array_keys($before));
        self::assertSame('20270802T100000', $before['post']['at']);
        $this->actingAs($this->organiser)->put(route('runsheet.posts.move', [$this->event, $id]), ['from' => $this->event->refresh()->sheet_revision_id, 'offset_s' => 605 * 60, 'duration_s' => 1800])->assertSessionHasNoErrors();
        $after = $this->calendar($ines);
        self::assertSame([$before['post']['uid'], '20270802T100500'], [$after['post']['uid'], $after['post']['at']]);
        self::assertGreaterThan($before['post']['sequence'], $after['post']['sequence']);

        $this->travelTo(new DateTimeImmutable('2027-08-05 12:00'));
        $this->get(route('runsheet.duties', $ines->duty_key))->assertOk()->assertSee('Nothing is planned for you yet.');
        $this->post(route('runsheet.helpers.key', [$this->event, $ines]))->assertRedirect();
        $this->get(route('runsheet.duties', $ines->duty_key))->assertNotFound();
    }

    /** Somebody does not come: the one who is free takes over, the other stays; undo brings it back. */
    public function testANoShow(): void
    {
        [$ines, $omar] = [$this->helper('Ines'), $this->helper('Omar')];
        $this->event->audienceGroups()->create(['name' => 'Class', 'people' => 20, 'band' => 'teen', 'eye_from_m' => 1.2, 'eye_to_m' => 1.4, 'methods' => ['telescope']]);
        $this->post(route('runsheet.rotation.propose', $this->event), ['from' => $this->event->refresh()->sheet_revision_id])->assertSessionHasNoErrors();
        $ruth = $this->helper('Ruth');
        $before = $this->posts();
        $this->post(route('runsheet.helpers.gone', [$this->event, $ines]), ['from' => $this->event->refresh()->sheet_revision_id, 'gone_at' => ''])->assertSessionHasNoErrors();

        $after = $this->posts();
        self::assertSame([], array_filter($after, static fn(array $p): bool => $p[0] === $ines->rotaId()));
        $this->get(route('runsheet.crew', $this->event))->assertSee('2 helpers, and every post has somebody.');
        self::assertSame([], array_udiff(array_filter($before, static fn(array $p): bool => $p[0] === $omar->rotaId()), $after, static fn(array $a, array $b): int => $a <=> $b), 'Omar stays where he was');
        self::assertNotSame([], array_filter($after, static fn(array $p): bool => $p[0] === $ruth->rotaId()));
        self::assertSame([], app(EventRotas::class)->of(app(EventReader::class)->facts($this->event->refresh()->load('sheetRevision')))->faults());
        $this->post(route('runsheet.undo', $this->event), ['from' => $this->event->refresh()->sheet_revision_id]);
        self::assertSame($before, $this->posts());

        // On the day, at 10:33: what was before is over, whoever did it.
        $this->travelTo(new DateTimeImmutable('2027-08-02 10:33', new DateTimeZone('Europe/Madrid')));
        $this->post(route('runsheet.helpers.gone', [$this->event, $ines]), ['from' => $this->event->refresh()->sheet_revision_id, 'gone_at' => ''])->assertSessionHasNoErrors();
        self::assertSame(self::cut($before, 0, 635), self::cut($this->posts(), 0, 635));
        self::assertSame([], array_filter(self::cut($this->posts(), 635, 1440), static fn(array $p): bool => $p[0] === $ines->rotaId()));
    }

    public function testTwoExchangeTheirDuties(): void
    {
        [$ines, $omar] = array_map(fn(string $name): Helper => Helper::makeOnce(Str::uuid()->toString(), ['organisation_id' => $this->event->organisation_id, 'name' => $name, 'training' => ['instrument'], 'duty_key' => Helper::newKey()]), ['Ines', 'Omar']);
        $this->post(route('runsheet.crew.all', $this->event), ['from' => ''])->assertSessionHasNoErrors();
        $this->get(route('runsheet.crew', $this->event))->assertSee('2 helpers')->assertDontSee('All of these come');
        [$a, $b] = [$this->duty($ines, '10:00', '10:30'), $this->duty($omar, '10:30', '11:00')];
        $this->get(route('runsheet.posts.edit', [$this->event, $a]))->assertOk()->assertSee('Omar at Telescope, 10:30–11:00');
        $this->post(route('runsheet.posts.swap', [$this->event, $a]), ['from' => $this->event->refresh()->sheet_revision_id, 'with' => $b])->assertSessionHasNoErrors();

        self::assertSame([[$omar->rotaId(), 600, 630], [$ines->rotaId(), 630, 660]], $this->posts());
        $this->post(route('runsheet.posts.swap', [$this->event, $a]), ['from' => $this->event->refresh()->sheet_revision_id, 'with' => Str::uuid()->toString()])->assertSessionHasErrors('with');
    }

    /** At one event, at two, by moving an event onto another, by bringing one back, and by SQL: the database refuses, and nothing is half done. */
    public function testNobodyIsAtTwoPostsAtOnce(): void
    {
        $ines = $this->helper('Ines');
        $this->duty($ines, '10:00', '10:30');
        $this->duty($ines, '10:20', '10:40', refused: 'Ines would be at two posts at once');
        $this->duty($ines, '10:30', '10:40');

        $there = $this->event('There');
        $this->duty($ines, '10:39', '11:00', $there, 'Ines is at “Here” between');
        $this->duty($ines, '10:40', '11:00', $there);
        self::assertSame(3, Duty::query()->count());
        $this->put(route('runsheet.posts.move', [$there, Duty::query()->where('event_id', $there->id)->sole()->post]), ['from' => $there->refresh()->sheet_revision_id, 'offset_s' => 620 * 60, 'duration_s' => 1200], ['X-Requested-With' => 'XMLHttpRequest', 'Accept' => 'application/json'])->assertUnprocessable()->assertJsonPath('errors.from.0', 'Ines is at “Here” between 10:20 and 10:40. Nothing was changed.');

        $later = $this->event('Later', '2028-01-26');
        $this->duty($ines, '10:10', '10:20', $later);
        self::assertThrows(static fn() => $later->refresh()->changeFrom($later->version, ['eclipse_date' => '2027-08-02']), DoubleBooking::class);
        self::assertSame(['2028-01-26', 4], [$later->refresh()->eclipse_date->format('Y-m-d'), Duty::query()->count()]);
        $later->refresh()->delete();
        self::assertSame(3, Duty::query()->count(), 'who helps at an event that is removed is free');
        $later->restore();
        self::assertSame(4, Duty::query()->count());

        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('duties_one_place_at_a_time');
        DB::statement("insert into duties (event_id, organisation_id, helper_id, post, station, during) select event_id, organisation_id, helper_id, gen_random_uuid(), 'box', during from duties limit 1");
    }

    private function event(string $title, string $date = '2027-08-02'): Event
    {
        $event = $this->eventOf($this->organiser, ['title' => $title, 'eclipse_date' => $date] + self::PLACE);
        $event->audienceGroups()->create(['name' => 'Class 5A', 'people' => 20, 'band' => 'teen', 'eye_from_m' => 1.2, 'eye_to_m' => 1.4, 'methods' => ['telescope']]);

        return $event;
    }

    private function helper(string $name): Helper
    {
        $helper = Helper::makeOnce(Str::uuid()->toString(), ['organisation_id' => $this->event->organisation_id, 'name' => $name, 'training' => ['instrument'], 'duty_key' => Helper::newKey()]);
        $this->comes($helper);

        return $helper;
    }

    private function comes(Helper $helper): void
    {
        $this->put(route('runsheet.helpers.comes', [$this->event, $helper]), ['from' => $this->event->refresh()->sheet_revision_id, 'comes' => 1])->assertSessionHasNoErrors();
    }

    private function duty(Helper $helper, string $start, string $end, ?Event $event = null, string $refused = ''): string
    {
        $event ??= $this->event;
        $id = Str::uuid7()->toString();
        $revision = $event->refresh()->sheet_revision_id;
        $answer = $this->post(route('runsheet.posts.save', $event), ['from' => $revision, 'uuid' => $id, 'helper' => $helper->rotaId(), 'station' => 'telescope', 'start' => $start, 'end' => $end]);
        if ($refused === '') {
            $answer->assertSessionHasNoErrors();
        } else {
            $answer->assertSessionHasErrors('from');
            $this->followingRedirects()->get(route('runsheet.crew', $event))->assertSee($refused);
            self::assertSame($revision, $event->refresh()->sheet_revision_id, 'nothing half done');
        }

        return $id;
    }

    /**
     * @param list<array{string, int, int}> $posts
     *
     * @return list<array{string, int, int}> what of them lies between two minutes
     */
    private static function cut(array $posts, int $from, int $to): array
    {
        return array_values(array_filter(array_map(static fn(array $p): array => [$p[0], max($p[1], $from), min($p[2], $to)], $posts), static fn(array $p): bool => $p[1] < $p[2]));
    }

    /** @return list<array{string, int, int}> in order of time */
    private function posts(): array
    {
        $posts = array_map(static fn($p): array => [$p->helper, $p->startMin, $p->endMin], array_values(EventSheet::of($this->event->refresh()->load('sheetRevision'))->sheet()->rota->posts));
        usort($posts, static fn(array $a, array $b): int => [$a[1], $a[0]] <=> [$b[1], $b[0]]);

        return $posts;
    }

    /** @return array<string, array{uid: string, at: string, sequence: int}> by cue or post */
    private function calendar(Helper $helper): array
    {
        $calendar = Reader::read((string) $this->get(route('runsheet.duties.calendar', $helper->duty_key))->assertOk()->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $entries = [];
        foreach ($calendar->select('VEVENT') as $entry) {
            self::assertInstanceOf(VEvent::class, $entry);
            $row = $entry->serialize();
            if (preg_match('/^UID:((\w+)-.*)\r$/m', $row, $uid) !== 1 || preg_match('/^SEQUENCE:(\d+)\r$/m', $row, $sequence) !== 1 || preg_match('/^DTSTART;TZID=Europe\/Madrid:(\w+)\r$/m', $row, $at) !== 1) {
                self::fail($row);
            }
            $entries[$uid[2]] = ['uid' => $uid[1], 'at' => $at[1], 'sequence' => (int) $sequence[1]];
        }

        return $entries;
    }
}
