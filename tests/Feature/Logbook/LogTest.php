<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Models\Day\DayEntry;
use App\Models\Event;
use App\Models\Role;
use App\Models\User;
use App\Text\TypedMoment;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What happened and was seen: written on the day's screen, typed from paper, corrected and never lost. */
final class LogTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    private Event $event;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => '2026-08-12', 'lat' => 36.5297, 'lon' => -6.2926, 'height_m' => 10, 'timezone' => 'Europe/Madrid']);
        $this->actingAs($this->organiser);
    }

    /** 93 % of the Sun are covered at 20:39:05 at Cádiz (Sky/reference); whoever is there may write on the day's screen. */
    public function testWhatIsObservedOnTheDaysScreenStandsInTheLog(): void
    {
        $this->actingAs($this->member(Role::Helper, $this->organiser->organisation));
        $lines = [self::screenLine('temperature', 24.25, ''), self::screenLine('temperature', 75.0, ''), self::screenLine('dragons', 1.0, ''), self::screenLine('animals', null, 'gulls land')];
        $stored = $this->postJson(route('day.entries', $this->event), ['sent_at' => now()->getTimestampMs(), 'since' => 0, 'rehearsals' => [], 'entries' => $lines])->assertOk()->json('stored');
        self::assertSame(['', '75 is no number for the temperature in °C: from -60 to 60.', 'Nobody knows here what this is.', ''], array_values((array) $stored));
        self::assertSame([24.25, null], DayEntry::query()->orderBy('id')->pluck('value')->all());

        $this->actingAs($this->organiser);
        $this->type([['time' => '20:39:05', 'value' => '26,5', 'text' => '']])->assertRedirect()->assertSessionHasNoErrors();
        $this->get(route('logbook.show', $this->event))->assertOk()->assertSeeInOrder(['3 lines are written down.', '20:39:05', '93.', '%', 'Temperature 26.5 °C', 'Class 4A', '± 1 min, from paper', 'Temperature 24.3 °C', '± 0.3 s', 'gulls land']);
        $this->get(route('logbook.show', [$this->event, 'kind' => 'animals']))->assertSee('gulls land')->assertDontSee('26.5');
    }

    /** All lines of a sheet, or none; what is wrong is said at its place, and sent twice it is stored once. */
    public function testASheetIsTyped(): void
    {
        $rows = [['time' => '20:00', 'value' => '28.9', 'text' => ''], ['time' => '', 'value' => '', 'text' => ''], ['time' => '20:10', 'value' => 'warm', 'text' => 'x'], ['time' => 'ten', 'value' => '28', 'text' => '']];
        $this->from(route('logbook.paper', $this->event))->type($rows)->assertSessionHasErrors(['rows.2.value' => '“warm” is no number.', 'rows.3.time' => 'Type a time as 20:31 or 20:31:40.']);
        self::assertSame(0, DayEntry::query()->count());
        $this->get(route('logbook.paper', $this->event))->assertSee('value="warm"', false)->assertSee('value="28.9"', false);

        $uuid = Str::uuid()->toString();
        $rows = [['time' => '20:00', 'value' => '28.9', 'text' => ''], ['time' => '', 'value' => '', 'text' => ''], ['time' => '20.10.30', 'value' => '28,3', 'text' => 'a breeze']];
        foreach ([1, 2] as $sent) {
            $this->type($rows, ['uuid' => $uuid])->assertRedirect(route('logbook.show', $this->event))->assertSessionHasNoErrors();
        }
        self::assertSame([[28.9, '2026-08-12T18:00:00+00:00', 60], [28.3, '2026-08-12T18:10:30+00:00', 60]], DayEntry::query()->orderBy('id')->get()->map(static fn(DayEntry $e): array => [$e->value, $e->made_at->format('c'), $e->typed_within_s])->all());
        $this->type([['time' => '20:00', 'value' => '30', 'text' => '']], ['uuid' => $uuid])->assertSessionHasErrors('version');
        $this->type([], ['rows' => [['time' => '', 'value' => '', 'text' => '']]])->assertSessionHasErrors(['rows.0.time' => 'Type at least one line.']);
        self::assertSame(2, DayEntry::query()->count());
    }

    public function testACorrectionPointsToWhatItCorrects(): void
    {
        $this->type([['time' => '20:00', 'value' => '82.9', 'text' => '']])->assertSessionHasErrors('rows.0.value');
        $this->type([['time' => '20:00', 'value' => '29.8', 'text' => '']]);
        $line = DayEntry::query()->sole();
        $this->get(route('logbook.lines.edit', [$this->event, $line]))->assertOk()->assertSee('value="29.8"', false)->assertSee('value="20:00:00"', false);
        $form = ['uuid' => Str::uuid()->toString(), 'kind' => 'temperature', 'who' => 'Class 4A', 'within' => '60', 'time' => '20:00', 'value' => '28.9', 'text' => ''];
        foreach ([1, 2] as $sent) {
            $this->post(route('logbook.lines.correct', [$this->event, $line]), $form)->assertRedirect(route('logbook.show', $this->event))->assertSessionHasNoErrors();
        }
        self::assertSame([[29.8, null], [28.9, $line->id]], DayEntry::query()->orderBy('id')->get()->map(static fn(DayEntry $e): array => [$e->value, $e->corrects_id])->all());
        $this->get(route('logbook.show', $this->event))->assertSeeInOrder(['1 line is written down.', '28.9', 'as it was', '29.8']);
        $this->post(route('logbook.lines.correct', [$this->event, $line]), ['uuid' => Str::uuid()->toString(), 'value' => '27'] + $form)->assertSessionHasErrors(['time' => 'Somebody has corrected this line or taken it out meanwhile: load the page again.']);
        $this->get(route('logbook.lines.edit', [$this->event, $line]))->assertNotFound();

        $this->delete(route('logbook.lines.destroy', [$this->event, DayEntry::query()->latest('id')->firstOrFail()]))->assertRedirect();
        $this->get(route('logbook.show', $this->event))->assertSeeInOrder(['Nothing is written down yet.', 'as it was', '29.8', '28.9']);
        self::assertSame(3, DayEntry::query()->count());
    }

    /** A remark of the day's screen is corrected as well; a call is what it is, and cannot be. */
    public function testARemarkIsCorrectedAndACallIsNot(): void
    {
        $entry = fn(string $kind): DayEntry => DayEntry::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $this->event->id, 'kind' => $kind, 'text' => 'Frist bite', 'made_by' => $this->organiser->id, 'who' => 'Nora', 'made_at' => '2026-08-12 17:43:40+00', 'clock_uncertainty_ms' => 400]);
        [$note, $stop] = [$entry('note'), $entry('stop')];
        $this->get(route('logbook.lines.edit', [$this->event, $note]))->assertOk()->assertSee('value="Frist bite"', false);
        $form = ['uuid' => Str::uuid()->toString(), 'kind' => 'remark', 'who' => 'Nora', 'within' => '1', 'time' => '19:43:40', 'value' => '', 'text' => 'First bite'];
        $this->post(route('logbook.lines.correct', [$this->event, $note]), $form)->assertRedirect()->assertSessionHasNoErrors();
        $this->get(route('logbook.show', $this->event))->assertSeeInOrder(['2 lines are written down.', 'Stop', 'First bite', 'as it was', 'Frist bite']);
        $this->get(route('logbook.lines.edit', [$this->event, $stop]))->assertNotFound();
        $this->post(route('logbook.lines.correct', [$this->event, $stop]), ['uuid' => Str::uuid()->toString()] + $form)->assertNotFound();
        $this->delete(route('logbook.lines.destroy', [$this->event, $stop]))->assertNotFound();
        self::assertSame(3, DayEntry::query()->count());
    }

    public function testTheTableIsReadBack(): void
    {
        $this->type([['time' => '20:39:05', 'value' => '26.5', 'text' => '=1+1']]);
        $rows = array_map(static fn(string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim((string) $this->get(route('logbook.csv', $this->event))->assertOk()->getContent())));
        $line = array_combine(array_map(strval(...), $rows[0]), $rows[1]);
        self::assertSame(['2026-08-12T18:39:05.000Z', '2026-08-12T20:39:05+02:00', 'temperature', '26.5', "'=1+1", 'Class 4A', '60', 'true'], [$line['time'], $line['local'], $line['kind'], $line['value'], $line['words'], $line['who'], $line['time_within_s'], $line['from_paper']]);
        self::assertEqualsWithDelta(0.93, (float) $line['obscuration'], 0.005);
        self::assertEqualsWithDelta(7.2, (float) $line['altitude_deg'], 0.3);
    }

    /** Sheets have this site's times; what is measured has its lines at even minutes. */
    public function testSheetsToWriteOn(): void
    {
        $text = fn(string $kind, string $paper): string => self::pdfText((string) $this->get(route('logbook.sheet', [$this->event, $kind, $paper]))->assertOk()->getContent());
        self::assertMatchesRegularExpression('/Temperature, °C.*C1 19:43:\d\d · Max 20:39:\d\d.*20:40\s+92\.8 %.*21:20\s+Sun down/s', $text('temperature', 'a4'));
        self::assertStringContainsString('No children', str_replace("\n", ' ', $text('picture', 'letter')));
        foreach (['temperature', 'light', 'wind', 'cloud', 'animals', 'shadow_bands', 'bead', 'visitors', 'remark', 'late_call', 'picture'] as $kind) {
            self::assertStringContainsString('Observed by', $text($kind, 'letter'), $kind);
        }
        $this->get(route('logbook.sheet', [$this->event, 'dragons', 'a4']))->assertNotFound();
    }

    /** The day that brings it nearest to the maximum; an hour that the clocks leap over is no time. */
    #[TestWith(['20:31', '2026-08-12 18:39 UTC', 'Europe/Madrid', '2026-08-12T20:31:00+02:00'])]
    #[TestWith(['0:12:05', '2026-08-12 21:50 UTC', 'Europe/Madrid', '2026-08-13T00:12:05+02:00'])]
    #[TestWith(['23:50', '2026-08-12 22:10 UTC', 'Europe/Madrid', '2026-08-12T23:50:00+02:00'])]
    #[TestWith(['2:30', '2027-03-28 01:00 UTC', 'Europe/Madrid', '2027-03-27T02:30:00+01:00'])]
    #[TestWith(['25:00', '2026-08-12 18:39 UTC', 'Europe/Madrid', null])]
    #[TestWith(['20', '2026-08-12 18:39 UTC', 'Europe/Madrid', null])]
    public function testATimeOfDayIsReadOnThePlacesClock(string $typed, string $near, string $zone, ?string $expected): void
    {
        self::assertSame($expected, TypedMoment::parse($typed, new DateTimeImmutable($near), new DateTimeZone($zone))?->format('c'));
    }

    /** @return array<string, mixed> */
    private static function screenLine(string $observed, ?float $value, string $text): array
    {
        return ['uuid' => Str::uuid()->toString(), 'kind' => 'observation', 'rehearsal' => null, 'about' => null, 'text' => $text === '' ? null : $text, 'observed' => $observed, 'value' => $value, 'made' => now()->getTimestampMs() - 1000, 'offset_ms' => 0, 'uncertainty_ms' => 300];
    }

    /**
     * @param list<array<string, string>> $rows
     * @param array<string, mixed> $other
     *
     * @return TestResponse<Response>
     */
    private function type(array $rows, array $other = []): TestResponse
    {
        return $this->post(route('logbook.paper.store', $this->event), $other + ['uuid' => Str::uuid()->toString(), 'kind' => 'temperature', 'who' => 'Class 4A', 'within' => '60', 'rows' => $rows]);
    }

    private static function pdfText(string $pdf): string
    {
        $process = new Process(['pdftotext', '-layout', '-', '-'], input: $pdf);
        $process->mustRun();

        return $process->getOutput();
    }
}
