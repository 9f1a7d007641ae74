<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Models\Day\DayEntry;
use App\Models\Event;
use App\Models\Eyewear\Lot;
use App\Models\Eyewear\StockEntry;
use App\Models\Logbook\EventReport;
use App\Models\Logbook\EyeReport;
use App\Models\Logbook\Incident;
use App\Models\Logbook\LogPicture;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The report of an event: numbers by themselves, words by hand, nothing of persons. */
final class ReportTest extends TestCase
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
        $type = fn(string $kind, array $rows) => $this->post(route('logbook.paper.store', $this->event), ['uuid' => Str::uuid()->toString(), 'kind' => $kind, 'who' => 'Class 4A', 'within' => '60', 'rows' => $rows])->assertSessionHasNoErrors();
        $type('visitors', [['time' => '20:00', 'value' => '120', 'text' => ''], ['time' => '20:40', 'value' => '260', 'text' => '']]);
        $type('late_call', [['time' => '20:39:40', 'value' => '35', 'text' => 'maximum']]);
        $type('animals', [['time' => '20:34', 'value' => '', 'text' => 'gulls settle']]);
        DayEntry::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $this->event->id, 'kind' => 'cloud', 'made_by' => $this->organiser->id, 'who' => 'Marisol', 'made_at' => '2026-08-12 18:05:00+00']);
        DayEntry::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $this->event->id, 'kind' => 'no_show', 'text' => 'Marisol is ill', 'made_by' => $this->organiser->id, 'who' => 'Marisol', 'made_at' => '2026-08-12 17:05:00+00']);
        $lot = Lot::factory()->create(['organisation_id' => $this->organiser->organisation_id, 'pairs' => 60]);
        foreach ([['out', 45], ['back', 42], ['lost', 2]] as [$what, $pairs]) {
            StockEntry::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $this->event->id, 'lot_id' => $lot->id, 'what' => $what, 'pairs' => $pairs, 'is_void' => false, 'moved_by' => $this->organiser->id, 'moved_at' => now()]);
        }
        Incident::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $this->event->id, 'happened_at' => '2026-08-12 18:22:05+00', 'within_s' => 60, 'what' => 'A cap came off.', 'place' => '', 'done' => 'It was taped.', 'seen_by' => 'Marisol', 'method' => 'telescope', 'instrument' => '', 'made_by' => $this->organiser->id]);
        EyeReport::query()->create(['uuid' => Str::uuid()->toString(), 'event_id' => $this->event->id, 'called' => 'red cap', 'signs' => ['dark_spot'], 'other' => '', 'eye' => 'left', 'since' => '', 'method' => 'nothing', 'looked' => '', 'made_by' => $this->organiser->id, 'delete_on' => now()->addDays(30)->toDateString()]);
    }

    /** As they were written above; the maximum at Cádiz is 20:39:05 (Sky/reference). */
    public function testNumbersComeByThemselves(): void
    {
        $this->get(route('logbook.report', $this->event))->assertOk()->assertSeeInOrder(['Visitors at once, at most', '260', '45, of which 42 came back and 2 were lost', 'Lines in the log', '6', 'Incidents', '1', '19:43:29', 'C1', 'nothing else is written down', '20:39:05', '35 s late', '20:05:00', 'Cloud', '20:34', 'Animals: gulls settle', '20:22:05', 'A cap came off. It was taped.', '“maximum” was called 35 s late.', '3 pairs did not come back.', 'Incident of 20:22']);
    }

    /** A picture is made anew: upright, smaller, and without what the camera wrote about place and person; what is no picture is refused. */
    public function testPictures(): void
    {
        $send = fn(UploadedFile $file, string $caption = 'Crescents under a tree') => $this->post(route('logbook.pictures.store', $this->event), ['uuid' => Str::uuid()->toString(), 'caption' => $caption, 'file' => $file]);
        $send(UploadedFile::fake()->createWithContent('photo.jpg', '<svg onload="alert(1)"/>'))->assertSessionHasErrors('file');
        self::assertSame(0, LogPicture::query()->count());
        // 2400 × 1200, lying on its side (EXIF orientation 6), with a camera's comment in it.
        $image = imagecreatetruecolor(2400, 1200);
        imagefilledrectangle($image, 0, 0, 1199, 1199, 0xFFFFFF);
        $path = (string) tempnam(sys_get_temp_dir(), 'jpg');
        imagejpeg($image, $path);
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0\x06\0\0\0\0\0\0";
        $note = 'taken by Marisol at 36.5 N';
        file_put_contents($path, "\xFF\xD8\xFF\xE1" . pack('n', strlen($exif) + 2) . $exif . "\xFF\xFE" . pack('n', strlen($note) + 2) . $note . substr((string) file_get_contents($path), 2));
        $send(new UploadedFile($path, 'photo.jpg', 'image/jpeg', null, true))->assertSessionHasNoErrors();
        $picture = LogPicture::query()->sole();
        $content = (string) $this->get(route('logbook.pictures.show', [$this->event, $picture]))->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent();
        self::assertDoesNotMatchRegularExpression('/Marisol|Exif/', $content);
        self::assertSame([800, 1600], array_slice((array) getimagesizefromstring($content), 0, 2));
        $turned = imagecreatefromstring($content);
        self::assertNotFalse($turned);
        // Turned clockwise, what was left is above.
        self::assertGreaterThan(0xF00000, imagecolorat($turned, 400, 100));
        self::assertLessThan(0x100000, imagecolorat($turned, 400, 1500));
        $this->get(route('logbook.report', $this->event))->assertSee('Crescents under a tree');
        self::assertStringContainsString('Crescents under a tree', $this->paper('a4'));
        $this->delete(route('logbook.pictures.destroy', [$this->event, $picture]))->assertSessionHas('undo', $undo = route('logbook.pictures.restore', [$this->event, $picture]));
        $this->get(route('logbook.pictures', $this->event))->assertDontSee('alt="Crescents', false);
        $this->post($undo)->assertRedirect();
        $this->get(route('logbook.pictures', $this->event))->assertSee('alt="Crescents', false);
    }

    public function testNothingOfPersons(): void
    {
        $content = (string) $this->get(route('logbook.report', $this->event))->getContent();
        self::assertDoesNotMatchRegularExpression('/Marisol|red cap|dark spot/', $content);
        self::assertDoesNotMatchRegularExpression('/Marisol|red cap|dark spot/', $this->paper('a4'));
    }

    public function testWordsAreEditedByHand(): void
    {
        $this->put(route('logbook.report.update', $this->event), ['version' => '1', 'summary' => "Clear.\nWarm.", 'went_well' => '', 'better' => 'Tape caps.'])->assertRedirect(route('logbook.report', $this->event));
        self::assertSame(["Clear.\nWarm.", 'Tape caps.'], array_values(EventReport::query()->sole()->only(['summary', 'better'])));
        $version = EventReport::query()->sole()->version;
        $this->put(route('logbook.report.update', $this->event), ['version' => (string) $version, 'summary' => 'Cloudy.', 'went_well' => '', 'better' => ''])->assertSessionHasNoErrors();
        $this->put(route('logbook.report.update', $this->event), ['version' => (string) $version, 'summary' => 'Mine.', 'went_well' => '', 'better' => ''])->assertSessionHasErrors('version');
        $this->put(route('logbook.report.update', $this->event), ['version' => (string) $version, 'summary' => str_repeat('x', 3001)])->assertSessionHasErrors('summary');
        self::assertSame('Cloudy.', EventReport::query()->sole()->summary);
        $this->actingAs($this->member(Role::Helper, $this->organiser->organisation))->get(route('logbook.report', $this->event))->assertOk()->assertSee('Cloudy.')->assertDontSee('<textarea', false);
    }

    /** Words, numbers and the curve, within a minute and within the paper. */
    public function testOnPaper(): void
    {
        Artisan::call('devices:logger', ['date' => '2026-08-12', '--drop' => '2.5']);
        $this->post(route('logbook.instruments.store', $this->event), ['uuid' => Str::uuid()->toString(), 'name' => 'Shade', 'stood' => '', 'zone' => 'UTC', 'date_order' => '', 'ahead' => '', 'sensor' => 'flat', 'file' => UploadedFile::fake()->createWithContent('log.csv', Artisan::output())])->assertSessionHasNoErrors();
        $this->put(route('logbook.report.update', $this->event), ['version' => '1', 'summary' => 'A clear evening.', 'went_well' => '', 'better' => '']);
        foreach (['a4', 'letter'] as $paper) {
            $text = $this->paper($paper);
            self::assertGreaterThanOrEqual(5, $this->curves($paper), 'temperature, its baseline, light, a clear sky, pressure');
            self::assertMatchesRegularExpression('/A clear evening\..*Visitors at once, at most.*260.*35 s late.*Shade: The air cooled by.*gulls settle.*A cap came off.*Temperature, °C/s', $text);
        }
    }

    /** How many curves of many points are drawn on all pages. */
    private function curves(string $paper): int
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'pdf');
        file_put_contents($path, (string) $this->get(route('logbook.report.pdf', [$this->event, $paper]))->getContent());
        $drawn = 0;
        foreach (range(1, 4) as $page) {
            $process = new Process(['pdftocairo', '-svg', '-f', (string) $page, '-l', (string) $page, $path, '-']);
            $process->run();
            preg_match_all('/<path[^>]* d="([^"]*)"/', $process->getOutput(), $paths);
            $drawn += count(array_filter($paths[1], static fn(string $d): bool => substr_count($d, ' L ') > 25 && !str_contains($d, 'C')));
        }
        unlink($path);

        return $drawn;
    }

    private function paper(string $paper): string
    {
        $process = new Process(['pdftotext', '-layout', '-', '-'], input: (string) $this->get(route('logbook.report.pdf', [$this->event, $paper]))->assertOk()->getContent());
        $process->mustRun();

        return $process->getOutput();
    }
}
