<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Models\Event;
use App\Models\Logbook\InstrumentLog;
use App\Models\Role;
use App\Models\StoredFile;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Loggers of an event: stored as they came, read as somebody says, and held against the eclipse. How files are read is in LoggerFileTest, the sums in core. */
final class InstrumentsTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    private Event $event;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'height_m' => 0, 'timezone' => 'Europe/Madrid']);
        $this->actingAs($this->organiser);
    }

    /** The simulated logger is given 4 K for all of the Sun and ten minutes of lag; totality holds its lowest for nearly three minutes. */
    public function testALoggerIsHeldAgainstTheEclipse(): void
    {
        $this->get(route('logbook.instruments', $this->event))->assertOk()->assertSee('No instrument has logged anything here yet.');
        $this->send(self::standIn())->assertRedirect()->assertSessionHasNoErrors();
        $page = $this->get(route('logbook.instruments', $this->event))->assertOk();
        preg_match('/The air cooled by ([\d.]+) ± ([\d.]+) K, lowest (\d+) ± (\d+) min after the maximum/', (string) $page->getContent(), $found);
        self::assertEqualsWithDelta(4.0, (float) ($found[1] ?? 0), 0.3);
        self::assertEqualsWithDelta(10, (int) ($found[3] ?? 0), 2);
        $page->assertSeeInOrder(['Temperature, °C, Light, lx, Pressure, hPa; 379 readings from 07:40:45 to 13:58:45', 'Good', '85 % of what a clear sky gives by computation; clear in 100 % of the eclipse.', 'Read in UTC']);
        self::assertSame(3, substr_count((string) $page->getContent(), 'class="measured-strip"'));
    }

    /** An hour off, it is no good: read with the right clock it is, and both readings are on record. */
    public function testItIsReadAnew(): void
    {
        $this->send(self::standIn('zone'))->assertSessionHasNoErrors();
        $log = InstrumentLog::query()->sole();
        $this->get(route('logbook.instruments', $this->event))->assertDontSee('verdict-yes', false);
        $this->get(route('logbook.instruments.edit', [$this->event, $log]))->assertOk()->assertSee('Shade');
        $form = self::form(['ahead' => '1:00:00']);
        foreach ([1, 2] as $sent) {
            $this->put(route('logbook.instruments.update', [$this->event, $log]), $form)->assertRedirect(route('logbook.instruments', $this->event))->assertSessionHasNoErrors();
        }
        $this->get(route('logbook.instruments', $this->event))->assertSee('verdict-yes', false);
        self::assertSame([0, 3600], InstrumentLog::query()->orderBy('id')->pluck('ahead_s')->all());
        self::assertSame(1, StoredFile::query()->count());
        $this->from(route('logbook.instruments.edit', [$this->event, $log]))->put(route('logbook.instruments.update', [$this->event, $log]), self::form())->assertSessionHasErrors(['zone' => 'Somebody has read it anew or taken it out meanwhile: load the page again.']);
        self::assertSame(2, InstrumentLog::query()->count());
    }

    public function testItIsTakenOutAndPutBack(): void
    {
        $this->send(self::standIn());
        $log = InstrumentLog::query()->sole();
        $this->delete(route('logbook.instruments.destroy', [$this->event, $log]))->assertRedirect()->assertSessionHas('undo', $undo = route('logbook.instruments.restore', [$this->event, InstrumentLog::query()->latest('id')->firstOrFail()]));
        self::assertSame(0, InstrumentLog::standing($this->event->id)->count());
        $this->post($undo)->assertRedirect();
        self::assertSame(1, InstrumentLog::standing($this->event->id)->count());
        $this->get(route('logbook.instruments', $this->event))->assertSee('Shade');
    }

    public function testNothingIsStoredOfAFileThatCannotBeRead(): void
    {
        $this->from(route('logbook.instruments', $this->event))->send("time,temp\n2027-08-02 08:00,21\n2027-08-02 08:01,warm\nnever,21\n")
            ->assertSessionHasErrors(['file' => 'Line 3, column temp: "warm" is not a number.']);
        $this->get(route('logbook.instruments', $this->event))->assertSee('Line 4, column time: &quot;never&quot; is no time with a date.', false);
        self::assertSame([0, 0], [InstrumentLog::query()->count(), StoredFile::query()->count()]);
        $this->send(self::standIn(), ['ahead' => 'late', 'zone' => 'Mars/Olympus', 'sensor' => 'held', 'name' => ''])->assertSessionHasErrors(['ahead', 'zone', 'sensor', 'name']);
    }

    /** Two sites of one organisation, cooled by 4 and by 2 K of all of the Sun; a third event is another eclipse. */
    public function testSeveralSitesSideBySide(): void
    {
        $this->get(route('logbook.sites', $this->event))->assertOk()->assertSee('No thermometer has logged this eclipse anywhere yet.');
        $this->send(self::standIn());
        $inland = $this->eventOf($this->organiser, ['title' => 'Inland', 'eclipse_date' => '2027-08-02', 'lat' => 37.4, 'lon' => -5.98, 'height_m' => 0, 'timezone' => 'Europe/Madrid']);
        Artisan::call('devices:logger', ['--lat' => '37.4', '--lon' => '-5.98', '--drop' => '2']);
        $this->post(route('logbook.instruments.store', $inland), self::form(['name' => 'Roof']) + ['file' => UploadedFile::fake()->createWithContent('log.csv', Artisan::output())])->assertSessionHasNoErrors();
        $page = (string) $this->get(route('logbook.sites', $this->event))->assertOk()->assertSeeInOrder(['Totality on the sea wall', 'Shade', '100 %', 'Inland', 'Roof', '9'])->getContent();
        preg_match_all('/<polyline class="measured-line measured-line-\d" points="([^"]+)"/', $page, $drawn);
        preg_match_all('/y="([\d.]+)%"[^>]*>(−?\d+) K</u', $page, $kelvins);
        self::assertCount(2, $drawn[1]);
        $kelvins = array_map(static fn(string $k): float => (float) str_replace('−', '-', $k), $kelvins[2]);
        [$low, $high] = [min([0.0, ...$kelvins]), max([-99.0, ...$kelvins])];
        foreach ([4.0, 2.0] as $i => $drop) {
            $points = array_map(static fn(string $point): array => array_map(floatval(...), explode(',', $point)), explode(' ', $drawn[1][$i]));
            usort($points, static fn(array $a, array $b): int => $b[1] <=> $a[1]);
            // The lowest reading itself, its scatter with it.
            self::assertEqualsWithDelta(-$drop, $high - ($high - $low) * $points[0][1] / 100, 0.5);
            self::assertEqualsWithDelta(10, -120 + 270 * $points[0][0] / 100, 4);
        }
    }

    public function testSentTwiceItIsStoredOnce(): void
    {
        $uuid = Str::uuid()->toString();
        foreach ([1, 2] as $sent) {
            $this->send(self::standIn(), ['uuid' => $uuid])->assertSessionHasNoErrors();
        }
        self::assertSame(1, InstrumentLog::query()->count());
    }

    private static function standIn(string $fault = 'none'): string
    {
        Artisan::call('devices:logger', ['--fault' => $fault]);

        return Artisan::output();
    }

    /**
     * @param array<string, string> $other
     *
     * @return array<string, string>
     */
    private static function form(array $other = []): array
    {
        return $other + ['uuid' => Str::uuid()->toString(), 'name' => 'Shade', 'stood' => 'behind the hut', 'zone' => 'UTC', 'date_order' => '', 'ahead' => '', 'sensor' => 'flat'];
    }

    /**
     * @param array<string, string> $other
     *
     * @return TestResponse<Response>
     */
    private function send(string $csv, array $other = []): TestResponse
    {
        return $this->post(route('logbook.instruments.store', $this->event), self::form($other) + ['file' => UploadedFile::fake()->createWithContent('log.csv', $csv)]);
    }
}
