<?php

declare(strict_types=1);

namespace Tests\Feature\RunSheet;

use App\Domain\Event\EventReader;
use App\Domain\RunSheet\EventSheet;
use App\Exports\RunSheet\WallPaper;
use App\Models\Event;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\FilterCues;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The run sheet as it leaves the house, read by other programs: sabre/vobject, ical.js, dateutil, poppler. */
final class FilesTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    private Event $event;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->organiser = $this->member(Role::Organiser));
    }

    /** @return iterable<string, array{string, float, float, string}> */
    public static function zones(): iterable
    {
        yield 'summer time' => ['2027-08-02', 36.53, -6.29, 'Europe/Madrid'];
        yield 'the clock goes back that very night' => ['2013-11-03', 47.56, -52.71, 'America/St_Johns'];
        yield 'a quarter of an hour' => ['2031-05-21', 27.7, 85.32, 'Asia/Kathmandu'];
    }

    #[DataProvider('zones')]
    public function testReadersOfCalendarsFindTheInstants(string $date, float $lat, float $lon, string $zone): void
    {
        $this->event($date, $lat, $lon, $zone);
        $facts = app(EventReader::class)->facts($this->event);
        $expected = [];
        foreach (EventSheet::of($this->event)->sheet()->placed(EventSheet::moments($facts)) as $placed) {
            $expected["cue-{$placed->cue->id}@keen-shadow"] = $placed->begins?->modify('+500 milliseconds')->format('Y-m-d\TH:i:s\Z');
        }
        $filters = FilterCues::of($facts->here, $facts->filters());
        if ($filters !== null) {
            $expected["filters-off-{$this->event->uuid}@keen-shadow"] = gmdate('Y-m-d\TH:i:s\Z', (int) ceil((float) $filters->off->format('U.u')));
            $expected["filters-warning-{$this->event->uuid}@keen-shadow"] = gmdate('Y-m-d\TH:i:s\Z', (int) floor((float) $filters->on->format('U.u')) - 10);
            $expected["filters-on-{$this->event->uuid}@keen-shadow"] = gmdate('Y-m-d\TH:i:s\Z', (int) floor((float) $filters->on->format('U.u')));
        }
        self::assertSame($date === '2027-08-02', $filters !== null);
        $text = (string) $this->get(route('runsheet.calendar', $this->event))->assertOk()->getContent();
        self::assertSame([], self::calendar($text)->validate());
        $path = (string) tempnam(sys_get_temp_dir(), 'ics');
        file_put_contents($path, $text);
        foreach ([['node', 'tests/readers/ical.mjs', $path], ['/usr/bin/python3', 'tests/readers/ical.py', $path]] as $reader) {
            $found = [];
            foreach (explode("\n", trim(self::read($reader))) as $line) {
                [$uid, $found[$uid]] = explode(' ', $line);
            }
            ksort($found);
            ksort($expected);
            self::assertSame($expected, $found, $reader[0]);
        }
        unlink($path);
    }

    public function testAnEntryKeepsItsUidAndItsSequenceRisesWithEveryChange(): void
    {
        $this->event('2027-08-02', 36.53, -6.29, 'Europe/Madrid');
        [$uids, $sequence] = $this->entries();
        self::assertContains('cue-0197d0a0-0000-7000-8000-000000000001@keen-shadow', $uids);
        foreach ([
            fn() => EventSheet::of($this->event)->change($this->event->sheet_revision_id, static fn(Sheet $s): Sheet => $s->with($s->cues['0197d0a0-0000-7000-8000-000000000001']->moved(-700, 0)), $this->organiser),
            fn() => EventSheet::of($this->event)->undo($this->event->sheet_revision_id),
            fn() => EventSheet::of($this->event)->redo($this->event->sheet_revision_id),
            fn() => $this->event->update(['lat' => 36.5]),
        ] as $i => $change) {
            $change();
            [$now, $next] = $this->entries();
            self::assertSame($uids, $now, "change {$i}");
            self::assertGreaterThan($sequence, $next, "change {$i}");
            $sequence = $next;
        }
    }

    /** The private address: for whoever has it, until it is taken back; the same answer twice costs nothing. */
    public function testACalendarAsksByItself(): void
    {
        $this->event('2027-08-02', 36.53, -6.29, 'Europe/Madrid');
        $this->post(route('runsheet.address.store', $this->event))->assertRedirect();
        $address = route('runsheet.subscription', (string) $this->event->refresh()->calendar_key);
        $this->get(route('runsheet.show', $this->event))->assertSee($address);
        Auth::forgetUser();

        $first = $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        self::assertCount(6, self::calendar((string) $first->getContent())->select('VEVENT'));
        self::assertStringContainsString('max-age=300', (string) $first->headers->get('Cache-Control'));
        self::assertSame([], $first->headers->getCookies());
        $this->get($address, ['If-None-Match' => (string) $first->headers->get('ETag')])->assertStatus(304);
        $this->actingAs($this->organiser)->post(route('runsheet.undo', $this->event), ['from' => $this->event->sheet_revision_id]);
        Auth::forgetUser();
        $this->get($address, ['If-None-Match' => (string) $first->headers->get('ETag')])->assertOk();

        $this->actingAs($this->organiser)->post(route('runsheet.address.store', $this->event));
        $this->get($address)->assertNotFound();
        $next = route('runsheet.subscription', (string) $this->event->refresh()->calendar_key);
        $this->delete(route('runsheet.address.destroy', $this->event))->assertRedirect();
        $this->get($next)->assertNotFound();
        $this->get(route('runsheet.subscription', str_repeat('0', 40)))->assertNotFound();
    }

    public function testATableAndADocumentSayTheSame(): void
    {
        $this->event('2027-08-02', 36.53, -6.29, 'Europe/Madrid');
        $lines = array_map(static fn(string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim((string) $this->get(route('runsheet.csv', $this->event))->getContent())));
        $header = array_map(strval(...), array_shift($lines));
        /** @var array{filters: array{off: string, on: string}, cues: list<array{begins: string, local: string, name: string, offset_s: int}>} $json */
        $json = $this->get(route('runsheet.json', $this->event))->json();

        self::assertSame(['=cmd', 'first bite', 'reading'], array_column($json['cues'], 'name'));
        self::assertSame("'=cmd", array_combine($header, $lines[0])['name'], 'no spreadsheet takes it for a formula');
        foreach ($json['cues'] as $i => $cue) {
            $row = array_combine($header, $lines[$i]);
            self::assertSame([$cue['begins'], (string) $cue['offset_s'], $cue['local']], [$row['begins'], $row['offset_s'], $row['local']]);
        }
        // By hand: C1 09:40:46 summer time, filters as the page says.
        self::assertStringStartsWith('2027-08-02T07:40:4', $json['cues'][1]['begins']);
        self::assertStringStartsWith('2027-08-02T08:45:3', $json['filters']['off']);
    }

    public function testAWallSheetFitsItsPaperAndSaysEverything(): void
    {
        $this->event('2027-08-02', 36.53, -6.29, 'Europe/Madrid');
        foreach (['a4' => '595.28 x 841.89', 'a3' => '841.89 x 1190.55', 'letter' => '612 x 792'] as $paper => $size) {
            $pdf = (string) $this->get(route('runsheet.wall', [$this->event, WallPaper::from($paper)]))->assertOk()->getContent();
            self::assertStringContainsString("Page size:       {$size}", self::read(['pdfinfo', '-'], $pdf), $paper);
            $text = self::read(['pdftotext', '-layout', '-', '-'], $pdf);
            self::assertMatchesRegularExpression('/=cmd.*first bite.*10:45:31\s+Filters may come off.*10:48:01\s+Warning: filters on in 10 s.*10:48:11\s+Filters on.*reading/s', $text, $paper);
            self::assertStringContainsString('Filters may come off from 10:45:31 to 10:48:11', (string) preg_replace('/\s+/', ' ', $text));
            // Black on white: no colour is set anywhere, and no letter is smaller than 11 points.
            $xml = self::read(['pdftohtml', '-xml', '-stdout', '-i', '-zoom', '1', '-', '-'], $pdf);
            preg_match_all('/<fontspec [^>]*size="(\d+)"[^>]*color="(#\w+)"/', $xml, $fonts);
            self::assertNotSame([], $fonts[1]);
            self::assertGreaterThanOrEqual(11, min(array_map(intval(...), $fonts[1])), $paper);
            self::assertSame(['#000000'], array_values(array_unique($fonts[2])));
        }
        $this->get(str_replace('a4', 'a5', route('runsheet.wall', [$this->event, WallPaper::A4])))->assertNotFound();
    }

    private function event(string $date, float $lat, float $lon, string $zone): void
    {
        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => $date, 'lat' => $lat, 'lon' => $lon, 'height_m' => 0, 'timezone' => $zone])->refresh();
        EventSheet::of($this->event)->change(null, static fn(Sheet $sheet): Sheet => $sheet->with(
            Cue::of('0197d0a0-0000-7000-8000-000000000001', CueKind::Brief, '=cmd', Anchor::C1, -600, durationS: 600, crew: 'Mind, the "quotes"'),
            Cue::of('0197d0a0-0000-7000-8000-000000000002', CueKind::Call, 'first bite', Anchor::C1),
            Cue::of('0197d0a0-0000-7000-8000-000000000003', CueKind::Measure, 'reading', Anchor::C4, 3600),
        ), $this->organiser);
        $this->event->refresh()->load('sheetRevision');
    }

    /** @return array{list<string>, int} UIDs, and the least of all SEQUENCEs */
    private function entries(): array
    {
        $this->event->refresh()->load('sheetRevision');
        $uids = $sequences = [];
        foreach (self::calendar((string) $this->get(route('runsheet.calendar', $this->event))->getContent())->select('VEVENT') as $entry) {
            self::assertInstanceOf(VEvent::class, $entry);
            $uids[] = (string) $entry->__get('UID');
            $sequences[] = (int) (string) $entry->__get('SEQUENCE');
        }
        sort($uids);

        return [$uids, min([PHP_INT_MAX, ...$sequences])];
    }

    private static function calendar(string $text): VCalendar
    {
        $calendar = Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);

        return $calendar;
    }

    /** @param list<string> $command */
    private static function read(array $command, string $input = ''): string
    {
        $process = new Process($command, base_path(), ['PYTHONDONTWRITEBYTECODE' => '1'], $input);
        $process->mustRun();

        return $process->getOutput();
    }
}
