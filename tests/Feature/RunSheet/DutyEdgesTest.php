<?php

declare(strict_types=1);

namespace Tests\Feature\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventRotas;
use App\Domain\RunSheet\EventSheet;
use App\Drawings\Event\RibbonMark;
use App\Drawings\RunSheet\LaneBlock;
use App\Models\Event;
use App\Models\Role;
use App\Models\RunSheet\Duty;
use App\Models\RunSheet\Helper;
use App\Models\User;
use App\Pages\Event\EventFrames;
use App\Pages\RunSheet\CrewPage;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rota\CrewWish;
use KeenShadow\Core\RunSheet\Rotation\Post;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Duties where clocks change, where steps are taken back, where events come back, and in their lanes. */
final class DutyEdgesTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->organiser = $this->member(Role::Organiser));
    }

    /** @return iterable<string, array{string, float, float, string, list<array{int, int, string}>}> minutes from midnight, and the instant at which they begin */
    public static function zones(): iterable
    {
        yield 'summer time' => ['2027-08-02', 36.53, -6.29, 'Europe/Madrid', [[600, 630, '2027-08-02T08:00:00Z']]];
        // The clock goes back at two o'clock that night: what is before and after lies in other halves of the year.
        yield 'the clock goes back that very night' => ['2013-11-03', 47.56, -52.71, 'America/St_Johns', [[20, 50, '2013-11-03T02:50:00Z'], [390, 420, '2013-11-03T10:00:00Z']]];
        yield 'the evening before' => ['2027-08-02', 36.53, -6.29, 'Europe/Madrid', [[-60, -30, '2027-08-01T21:00:00Z']]];
        yield 'a quarter of an hour' => ['2031-05-21', 27.7, 85.32, 'Asia/Kathmandu', [[600, 630, '2031-05-21T04:15:00Z']]];
    }

    /**
     * The row in the database and two readers of the calendar find the same instants, by the file's own zones.
     *
     * @param list<array{int, int, string}> $posts
     */
    #[DataProvider('zones')]
    public function testReadersFindTheInstants(string $date, float $lat, float $lon, string $zone, array $posts): void
    {
        $this->travelTo(new DateTimeImmutable('2013-10-01'));
        $event = $this->event('A', ['eclipse_date' => $date, 'lat' => $lat, 'lon' => $lon, 'timezone' => $zone]);
        $ines = $this->helper();
        $expected = [];
        foreach ($posts as [$from, $to, $instant]) {
            $expected['post-' . $this->give($event, $ines, $from, $to) . '@keen-shadow'] = $instant;
        }
        self::assertSame(array_values($expected), array_column(DB::select("select to_char(lower(during) at time zone 'UTC', 'YYYY-MM-DD\"T\"HH24:MI:SS\"Z\"') as begins from duties order by during"), 'begins'));
        $path = (string) tempnam(sys_get_temp_dir(), 'ics');
        file_put_contents($path, (string) $this->get(route('runsheet.duties.calendar', $ines->duty_key))->assertOk()->getContent());
        foreach ([['node', 'tests/readers/ical.mjs', $path], ['/usr/bin/python3', 'tests/readers/ical.py', $path]] as $command) {
            $reader = new Process($command, base_path(), ['PYTHONDONTWRITEBYTECODE' => '1']);
            $lines = explode("\n", trim($reader->mustRun()->getOutput()));
            self::assertSame($expected, array_column(array_map(static fn(string $line): array => explode(' ', $line), $lines), 1, 0), $command[0]);
        }
        unlink($path);
    }

    /** A step on would put her at two places: it is refused, and the sheet stays. */
    public function testAStepThatWouldBookTwiceIsRefused(): void
    {
        [$here, $there] = [$this->event('Here'), $this->event('There')];
        $ines = $this->helper();
        $this->give($here, $ines, 600, 630);
        EventSheet::of($here->refresh())->undo($here->sheet_revision_id);
        self::assertSame(0, Duty::query()->count());
        $this->give($there, $ines, 615, 645);
        $before = $here->refresh()->sheet_revision_id;

        $this->post(route('runsheet.redo', $here), ['from' => $before])->assertSessionHasErrors(['from' => 'Ines is at “There” between 10:00 and 10:30. Nothing was changed.']);
        self::assertSame($before, $here->refresh()->sheet_revision_id);
        self::assertSame(['There'], Duty::query()->with('event')->get()->map(static fn(Duty $d): string => $d->event->title)->all());
    }

    /** Her hours at a removed event are free, and are gone when it is to come back: then it stays removed. */
    public function testAnEventComesBackOnlyIfItsHelpersAreFree(): void
    {
        [$here, $there] = [$this->event('Here'), $this->event('There')];
        $ines = $this->helper();
        $this->give($here, $ines, 600, 630);
        $this->delete(route('events.destroy', $here))->assertRedirect();
        $this->give($there, $ines, 600, 630);

        $this->post(route('events.restore', $here))->assertSessionHasErrors('from');
        self::assertNull(Event::query()->find($here->id));
        $this->post(route('runsheet.undo', $there), ['from' => $there->refresh()->sheet_revision_id]);
        $this->post(route('events.restore', $here))->assertSessionHasNoErrors();
        self::assertSame(1, Duty::query()->where('event_id', $here->id)->count());
    }

    /** The lane of a helper has her duty under its minute of the ribbon, and the rail says what is missing. */
    public function testADutyStandsUnderItsMinute(): void
    {
        $event = $this->event('Here');
        $this->give($event, $this->helper(), 600, 630);
        $event->refresh()->load('sheetRevision');
        $facts = app(EventReader::class)->facts($event);
        $page = CrewPage::of($facts, app(EventRotas::class)->of($facts), []);
        $frame = app(EventFrames::class)->of($event, $page->axis);
        [$missing, $hers] = $page->lanes->lanes;
        [$block] = $hers->blocks;
        $c1 = array_values(array_filter($frame->ribbon->contacts, static fn(RibbonMark $mark): bool => $mark->label === 'C1'))[0];
        $lasts = $page->lanes->endS - $page->lanes->beginS;

        self::assertSame(['Ines', '10:00', 'Telescope'], [$hers->name, $block->entry->time, $block->entry->label]);
        // C1 at 09:40:46.
        self::assertEqualsWithDelta(19 * 60 + 14, ($block->xPercent - $c1->xPercent) / 100 * $lasts, 2);
        self::assertEqualsWithDelta(1800, $block->widthPercent / 100 * $lasts, 2);
        // Before and after her nobody is there, by the minute.
        self::assertSame([['09:40', 'Telescope'], ['10:30', 'Telescope']], array_map(static fn(LaneBlock $b): array => [$b->entry->time, $b->entry->label], $missing->blocks));
        self::assertEqualsWithDelta(1200, $missing->blocks[0]->widthPercent / 100 * $lasts, 2);
        self::assertEqualsWithDelta($block->xPercent + $block->widthPercent, $missing->blocks[1]->xPercent, 0.01);
        $this->get(route('runsheet.crew', $event))->assertSee('1 helper, 2 things to mend.');
        $this->get(route('sky.show', $event))->assertSee('Telescope, 09:40–10:00: nobody is there. And ');
    }

    /** @param array<string, mixed> $fields */
    private function event(string $title, array $fields = []): Event
    {
        $event = $this->eventOf($this->organiser, $fields + ['title' => $title, 'eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid', 'policy' => 'mixed']);
        $event->audienceGroups()->create(['name' => 'Class', 'people' => 20, 'band' => 'teen', 'eye_from_m' => 1.2, 'eye_to_m' => 1.4, 'methods' => ['telescope']]);

        return $event;
    }

    private function helper(): Helper
    {
        return Helper::makeOnce(Str::uuid()->toString(), ['organisation_id' => $this->organiser->organisation_id, 'name' => 'Ines', 'training' => ['instrument'], 'duty_key' => Helper::newKey()]);
    }

    private function give(Event $event, Helper $helper, int $from, int $to): string
    {
        $id = Str::uuid7()->toString();
        EventSheet::of($event->refresh()->load('sheetRevision'))->change($event->sheet_revision_id, static fn(Sheet $sheet): Sheet => $sheet->withRota($sheet->rota->with($sheet->rota->wishes->withHelper($helper->rotaId(), new CrewWish()))->withPost($id, new Post($helper->rotaId(), 'telescope', $from, $to))), $this->organiser);

        return $id;
    }
}
