<?php

declare(strict_types=1);

namespace Tests\Feature\Photo;

use App\Domain\Photo\EventCameras;
use App\Exports\Photo\ShotTable;
use App\Models\Photo\PhotoPlan;
use DateTimeImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Process;
use KeenShadow\Core\Photo\PlannedShot;
use KeenShadow\Core\Photo\Shot;
use KeenShadow\Core\Time\JulianDate;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** A camera's list as CSV, as JSON that the command line reads, and as a card for the field, read by outside readers. */
final class ShotFilesTest extends TestCase
{
    use RefreshDatabase;
    use WithCameras;
    use WithEvent;

    private PhotoPlan $plan;

    protected function setUp(): void
    {
        parent::setUp();
        $this->plan = self::cameraOf($this->event, $this->user);
    }

    public function testTheTableHasEveryExposure(): void
    {
        $lines = array_map(static fn(string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim((string) $this->get(route('photo.csv', [$this->event, $this->plan]))->assertOk()->getContent())));
        self::assertSame(ShotTable::KEYS, $lines[0]);
        $rows = array_map(static fn(array $cells): array => array_combine(ShotTable::KEYS, $cells), array_slice($lines, 1));
        $of = static fn(string $list): array => array_values(array_filter($rows, static fn(array $row): bool => $row['list'] === $list));
        $worked = app(EventCameras::class)->of($this->plan);
        self::assertCount(count($worked->partial), $of('partial'));
        self::assertSame(['on'], array_values(array_unique(array_column($of('partial'), 'filter'))));
        // Beads, and the corona from Q 7 to −1 in steps of 2: one and five exposures.
        self::assertSame(['First beads', 'Corona', 'Corona', 'Corona', 'Corona', 'Corona'], array_column($of('totality'), 'what'));
        self::assertSame(['1/6400', '1/200', '1/50', '1/13', '0.3', '1.3'], array_column($of('totality'), 'shutter'));
        self::assertSame(['off'], array_values(array_unique(array_column([...$of('totality'), ...$of('clouded')], 'filter'))));
        foreach ($of('totality') as $row) {
            $begins = new DateTimeImmutable((string) $row['begins']);
            self::assertGreaterThanOrEqual((float) $worked->totality->offUt, JulianDate::fromDateTime($begins));
            self::assertSame($begins->modify('+2 hours')->format('H:i'), substr((string) $row['local'], 0, 5));
        }
    }

    /** The command line works with the file, and finds what the page has. */
    public function testTheCommandReadsTheFile(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'plan');
        file_put_contents($path, $this->get(route('photo.json', [$this->event, $this->plan]))->assertOk()->getContent());
        self::assertSame(0, Artisan::call('photo:plan', ['plan' => $path]));
        unlink($path);
        // What the command passes over it says before, elsewhere.
        $figures = json_decode(array_slice(explode("\n", trim(Artisan::output())), -1)[0], true);
        self::assertIsArray($figures);
        $worked = app(EventCameras::class)->of($this->plan);
        self::assertEqualsWithDelta([$worked->frame->imageMm(), $worked->frame->imagePx()], [$figures['image_mm'], $figures['image_px']], 1e-6);
        $free = $worked->outfit->free($worked->programme);
        $oneByOneS = array_sum(array_map(static fn(PlannedShot $planned): float => array_sum(array_map(static fn(Shot $shot): float => $shot->lastsS($free), $planned->wish->shots)), $worked->totality->shots));
        self::assertEqualsWithDelta($oneByOneS, $figures['shots_s'], 1e-6);
        self::assertEqualsWithDelta($oneByOneS / (float) $worked->freeS(), $figures['share_of_totality'], 1e-6);
    }

    /** A6, two sides, nothing smaller than 11 pt; in front the list in letters of 13 pt and more. */
    public function testTheCardForTheField(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'card');
        file_put_contents($path, $this->get(route('photo.card', [$this->event, $this->plan]))->assertOk()->getContent());
        $info = Process::run(['pdfinfo', $path])->throw()->output();
        self::assertMatchesRegularExpression('/Pages:\s+2\n/', $info);
        // 105 × 148 mm.
        self::assertMatchesRegularExpression('/Page size:\s+297\.\d+ x 419\.\d+ pts/', $info);
        $front = Process::run(['pdftotext', '-layout', '-l', '1', $path, '-'])->throw()->output();
        foreach (['First beads', '1/6400 ×5 s', 'Corona', 'Filter off on the call, not before', 'Filter on by'] as $words) {
            self::assertStringContainsString($words, $front);
        }
        // Whoever reads it in its order looks before filters go on, never after.
        self::assertMatchesRegularExpression('/Look\s+only\s+until.*Filter on by/s', $front);
        self::assertStringContainsString('Clouded until the last 40 s', Process::run(['pdftotext', '-f', '2', $path, '-'])->throw()->output());
        $xml = Process::run(['pdftohtml', '-xml', '-i', '-stdout', $path])->throw()->output();
        unlink($path);
        preg_match_all('/<fontspec id="\d+" size="(\d+)"/', $xml, $sizes);
        self::assertNotSame([], $sizes[1]);
        // The reader's pages are one and a half times as large.
        self::assertGreaterThanOrEqual(11, min(array_map(intval(...), $sizes[1])) / 1.5);
    }
}
