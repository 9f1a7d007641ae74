<?php

declare(strict_types=1);

namespace Tests\Feature\RunSheet;

use App\Domain\RunSheet\EventSheet;
use App\Models\Event;
use App\Models\Role;
use App\Models\RunSheet\Helper;
use App\Models\User;
use Illuminate\Support\Str;
use KeenShadow\Core\Rules\Book\Standard;
use KeenShadow\Core\RunSheet\Cues\Anchor;
use KeenShadow\Core\RunSheet\Cues\Cue;
use KeenShadow\Core\RunSheet\Cues\CueKind;
use KeenShadow\Core\RunSheet\Cues\Sheet;
use KeenShadow\Core\RunSheet\Rota\CrewWish;
use KeenShadow\Core\RunSheet\Rotation\Post;
use KeenShadow\Core\RunSheet\Rotation\Turn;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Turns and duties as files, on cards, on the wall and in the briefing, read by other programs. */
final class PeopleOnPaperTest extends TestCase
{
    use RefreshDatabase;

    private Event $event;

    private User $organiser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['title' => 'Morning', 'eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid', 'policy' => 'mixed']);
        $group = $this->event->audienceGroups()->create(['name' => 'Class 5A', 'people' => 20, 'band' => 'teen', 'eye_from_m' => 1.2, 'eye_to_m' => 1.4, 'methods' => ['telescope']]);
        $ines = Helper::makeOnce(Str::uuid()->toString(), ['organisation_id' => $this->event->organisation_id, 'name' => '=Ines', 'contact' => '600 000 001', 'training' => ['instrument'], 'duty_key' => Helper::newKey()]);
        EventSheet::of($this->event)->change(null, static fn(Sheet $sheet): Sheet => $sheet
            ->with(Cue::of(Str::uuid7()->toString(), CueKind::Call, 'First bite', Anchor::C1, who: '=ines', crew: 'Watch the lower edge.', call: 'It begins.'))
            ->withRota($sheet->rota->with($sheet->rota->wishes->withHelper($ines->rotaId(), new CrewWish()))->withTurn(new Turn("g{$group->id}", 'telescope', 620, 630))->withPost(Str::uuid7()->toString(), new Post($ines->rotaId(), 'telescope', 600, 640))), $this->organiser);
        $this->event->refresh()->load('sheetRevision');
        $this->actingAs($this->organiser);
    }

    /** 10:20 in summer time is 08:20 UTC; nobody's contact is in a file, and no name is a formula. */
    public function testATableSaysWhoIsWhere(): void
    {
        $csv = (string) $this->get(route('runsheet.people', $this->event))->assertOk()->getContent();
        $rows = array_map(static fn(string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim($csv)));

        self::assertSame(['begins', 'ends', 'local', 'what', 'who', 'station', 'place'], $rows[0]);
        self::assertSame(['2027-08-02T08:00:00.000Z', '2027-08-02T08:40:00.000Z', '10:00', 'duty', "'=Ines", 'Telescope', ''], $rows[1]);
        self::assertSame(['2027-08-02T08:20:00.000Z', '2027-08-02T08:30:00.000Z', '10:20', 'turn', 'Class 5A', 'Telescope', ''], $rows[2]);
        self::assertStringNotContainsString('600 000 001', $csv . $this->get(route('runsheet.json', $this->event))->assertJsonPath('people.0.who', '=Ines')->getContent());
    }

    /** C1 at 09:40 is before her duty from 10:00 on, the maximum at 10:46 after it; in between it is said, wherever the cue stands. */
    public function testACueThatWantsHerMeanwhileIsPointedOut(): void
    {
        $at = fn(int $offsetS): Event => tap($this->event, fn() => EventSheet::of($this->event->refresh()->load('sheetRevision'))->change($this->event->sheet_revision_id, static fn(Sheet $sheet): Sheet => $sheet->with(Cue::of('0197d0a0-0000-7000-8000-00000000000a', CueKind::Measure, 'Reading', Anchor::C1, $offsetS, who: '=INES')), $this->organiser))->refresh()->load('sheetRevision');
        foreach ([0 => false, 1200 => true, 2400 => true, 3700 => false] as $offsetS => $isWanted) {
            $at($offsetS);
            /** @var list<array{name: string, notes: list<string>}> $cues */
            $cues = $this->get(route('runsheet.json', $this->event))->json('cues');
            self::assertSame($isWanted ? ['clash'] : [], array_column($cues, 'notes', 'name')['Reading'], (string) $offsetS);
        }
        $at(1200);
        $this->get(route('runsheet.show', $this->event))->assertSee('1 cue is to be looked at')->assertSee('Telescope');
    }

    public function testTheCalendarOfTheEventHasTheTurns(): void
    {
        $calendar = (string) $this->get(route('runsheet.calendar', $this->event))->assertOk()->getContent();
        self::assertMatchesRegularExpression('/UID:turn-g\d+-telescope-' . $this->event->uuid . '@keen-shadow\r\n.*SUMMARY:Class 5A: Telescope \(Morning\)\r\n.*DTSTART;TZID=Europe\/Madrid:20270802T102000\r\nDTEND;TZID=Europe\/Madrid:20270802T103000\r\n/s', $calendar);
    }

    /** Four to a sheet; a card says its own and what holds there, and the lines to cut along quarter the paper. */
    #[TestWith(['a4', '595.28 x 841.89'])]
    #[TestWith(['letter', '612 x 792'])]
    public function testCardsForHelpersAndStations(string $paper, string $size): void
    {
        $helper = (string) $this->get(route('runsheet.cards.helpers', [$this->event, $paper]))->assertOk()->getContent();
        self::assertStringContainsString("Page size:       {$size}", self::read(['pdfinfo', '-'], $helper));
        $text = self::text($helper);
        self::assertMatchesRegularExpression('/=Ines Morning · Monday 2 August 2027 · CEST, UTC\+2 · 1 of 2 Filters may come off from 10:45:31 to 10:48:11\. 09:40 First bite: Watch the lower edge\. “It begins\.” 10:00–10:40 Telescope · Never leave it before/', $text);
        self::assertStringContainsString(Standard::book()->rule('inspected-today')->statement, $text);
        self::assertStringNotContainsString('600 000 001', $text);

        $station = self::text((string) $this->get(route('runsheet.cards.stations', [$this->event, $paper]))->assertOk()->getContent());
        self::assertMatchesRegularExpression('/Telescope Morning .* 10:00–10:40 crew: =Ines 10:20–10:30 Class 5A/', $station);
    }

    /** A card with more than it has room for goes on on the next one. */
    public function testALongDayGoesOnOnTheNextCard(): void
    {
        $ines = Helper::query()->sole();
        EventSheet::of($this->event)->change($this->event->sheet_revision_id, static fn(Sheet $sheet): Sheet => $sheet->with(...array_map(static fn(int $i): Cue => Cue::of(Str::uuid7()->toString(), CueKind::Measure, "Reading {$i} of a long day with many readings", Anchor::C1, 300 * $i, who: $ines->name), range(1, 26))), $this->organiser);
        $this->event->refresh()->load('sheetRevision');
        $text = self::text((string) $this->get(route('runsheet.cards.helpers', [$this->event, 'a4']))->assertOk()->getContent());

        foreach (range(1, 26) as $i) {
            self::assertSame(1, substr_count($text, "Reading {$i} of a long"), "reading {$i}");
        }
        self::assertStringContainsString('4 of 4', $text);
    }

    /** The event's own cautions come first; where filters never come off it says so. */
    public function testTheBriefing(): void
    {
        $pdf = (string) $this->get(route('runsheet.briefing', [$this->event, 'a4']))->assertOk()->getContent();
        $text = self::text($pdf);
        self::assertMatchesRegularExpression('/Briefing: Morning .* Filters may come off from 10:45:31 to 10:48:11, and only then.* For everybody.*Cloud is no filter\..*What is called out 09:40:46 First bite “It begins\.” 10:45:31 Filters may come off.*10:48:11 Filters on Who is where Telescope Crew: 10:00–10:40 =Ines Groups: 10:20–10:30 Class 5A/', $text);
        self::assertStringContainsString(Standard::book()->rule('held-against-wind')->statement, $text);
        preg_match_all('/<fontspec [^>]*size="(\d+)"[^>]*color="(#\w+)"/', self::read(['pdftohtml', '-xml', '-stdout', '-i', '-zoom', '1', '-', '-'], $pdf), $fonts);
        self::assertGreaterThanOrEqual(11, min([99, ...array_map(intval(...), $fonts[1])]));
        self::assertSame(['#000000'], array_values(array_unique($fonts[2])));

        $this->event->update(['eclipse_date' => '2028-01-26']);
        self::assertStringContainsString('Filters never come off at this place', self::text((string) $this->get(route('runsheet.briefing', [$this->event, 'a4']))->getContent()));
    }

    public function testTheWallHasThemAsWell(): void
    {
        self::assertMatchesRegularExpression('/Turns 10:20–10:30 Class 5A Telescope Crew 10:00–10:40 =Ines Telescope/', self::text((string) $this->get(route('runsheet.wall', [$this->event, 'a3']))->assertOk()->getContent()));
    }

    private static function text(string $pdf): string
    {
        return (string) preg_replace('/\s+/', ' ', self::read(['pdftotext', '-raw', '-', '-'], $pdf));
    }

    /** @param list<string> $command */
    private static function read(array $command, string $input): string
    {
        $process = new Process($command, base_path(), [], $input);
        $process->mustRun();

        return $process->getOutput();
    }
}
