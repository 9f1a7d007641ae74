<?php

declare(strict_types=1);

namespace Tests\Feature\Audience;

use App\Domain\Sky\Eclipses;
use App\Drawings\Audience\LightSound;
use App\Drawings\Audience\PhaseStrip;
use App\Exports\Audience\StripPdf;
use App\Exports\SheetPaper;
use DateTimeZone;
use Illuminate\Support\Facades\Process;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The shapes to feel are as large as what is left of the Sun. */
final class PhaseStripTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    private const PX_PER_MM = 8;

    /** @return array<string, array{string, float, float, int}> date, place, discs */
    public static function places(): array
    {
        return [
            'total' => ['2027-08-02', 36.53, -6.29, 7],
            'partial, until the Sun sets' => ['2026-08-12', 36.53, -6.29, 6],
            'a ring' => ['2028-01-26', 36.53, -6.29, 5],
            'a small bite' => ['2027-08-02', 58.98, -2.96, 7],
            'the Sun is down' => ['2027-08-02', -17.0, 178.0, 0],
        ];
    }

    #[DataProvider('places')]
    public function testTheShapesAreAsLargeAsWhatIsLeft(string $date, float $lat, float $lon, int $discs): void
    {
        $strip = PhaseStrip::of(LocalEclipse::seenFrom($this->app->make(Eclipses::class)->onDate($date), Observer::at($lat, $lon, 0), new DateTimeZone('UTC'), new Ephemeris()));
        self::assertCount($discs, $strip->discs);
        foreach (array_filter($strip->discs, static fn(array $disc): bool => $disc['words'] === '0.0 % of the area covered') as $whole) {
            self::assertStringStartsWith('M-18 0a18 18 0 1 0 36 0', $whole['path'], 'at a contact the disc is whole, and in its ring');
        }
        foreach ($strip->discs as $disc) {
            self::assertEqualsWithDelta(1 - (float) $disc['words'] / 100, self::share($disc['path']), 0.002, $disc['time'] . ' ' . $disc['path']);
        }
    }

    public function testItIsAPageOfTheEvent(): void
    {
        $this->event->update(['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'timezone' => 'Europe/Madrid']);
        $this->get(route('audience.strip', $this->event))->assertOk()->assertSee('Max 10:46')->assertSee('A bar 100 mm long')->assertSee('phase-strip-letter.pdf');
        $sheet = (string) $this->get(route('audience.strip.sheet', [$this->event, 'letter']))->assertOk()->getContent();
        self::assertStringContainsString('Monday 2 August 2027, CEST, UTC+2', Process::input($sheet)->run(['pdftotext', '-', '-'])->throw()->output());
    }

    /** On the sheet, as an outside reader (poppler) sees it: as wide as it says, and as much of it dark as is left of the Sun. */
    #[TestWith(['2027-08-02'])]
    #[TestWith(['2028-01-26'])]
    public function testTheSheetIsInTrueSize(string $date): void
    {
        $strip = PhaseStrip::of(LocalEclipse::seenFrom($this->app->make(Eclipses::class)->onDate($date), Observer::at(36.53, -6.29, 0), new DateTimeZone('UTC'), new Ephemeris()));
        $picture = Process::input(StripPdf::of($strip, $this->event, SheetPaper::A4))->run(['pdftoppm', '-gray', '-r', (string) (25.4 * self::PX_PER_MM), '-'])->throw()->output();
        self::assertSame(1, preg_match('/^P5\s(\d+) (\d+)\s255\s/', $picture, $head));
        $rows = str_split(substr($picture, strlen($head[0])), max(1, (int) $head[1]));
        // The first is the whole Sun: the rows with the longest dark runs go through its middle.
        $runs = [];
        foreach ($rows as $y => $row) {
            if (preg_match('/[\x00-\x7f]{200,}/', substr($row, 0, 60 * self::PX_PER_MM), $run, PREG_OFFSET_CAPTURE) === 1) {
                $runs[$y] = [strlen($run[0][0]), $run[0][1]];
            }
        }
        self::assertNotSame([], $runs);
        $top = min(array_keys($runs));
        $first = array_filter($runs, static fn(int $y): bool => $y < $top + 40 * self::PX_PER_MM, ARRAY_FILTER_USE_KEY);
        [$width, $left] = max([[0, 0], ...$first]);
        $middle = ($top + max([$top, ...array_keys($first)])) / 2;
        self::assertEqualsWithDelta(2 * PhaseStrip::RADIUS_MM, $width / self::PX_PER_MM, 0.5, 'with half of its dashed ring on either side');
        foreach (array_slice($strip->discs, 0, 4) as $i => $disc) {
            $x = $left + $width / 2 + $i * PhaseStrip::PITCH_MM * self::PX_PER_MM;
            self::assertEqualsWithDelta(1 - (float) $disc['words'] / 100, self::darkShare($rows, $x, $middle), 0.02, $disc['time']);
        }
    }

    /**
     * Dark points within the Sun's limb over all of them; half of the dashed ring is among them.
     *
     * @param list<string> $rows
     */
    private static function darkShare(array $rows, float $x, float $y): float
    {
        $radius = PhaseStrip::RADIUS_MM * self::PX_PER_MM;
        [$all, $dark] = [0, 0];
        for ($row = (int) ceil($y - $radius); $row <= $y + $radius; ++$row) {
            $half = sqrt($radius ** 2 - ($row - $y) ** 2);
            $points = substr($rows[$row], (int) round($x - $half), (int) round(2 * $half));
            $all += strlen($points);
            $dark += strlen((string) preg_replace('/[\x80-\xff]/', '', $points));
        }

        return $dark / $all;
    }

    /** Half a minute from tone to tone: the whole Sun at the first contact, still in totality and after sunset, and what is left as the strip has it. */
    public function testTheLightIsHeard(): void
    {
        $here = fn(string $date): LocalEclipse => LocalEclipse::seenFrom($this->app->make(Eclipses::class)->onDate($date), Observer::at(36.53, -6.29, 0), new DateTimeZone('Europe/Madrid'), new Ephemeris());
        $tones = self::tones(...);
        $total = $tones($here('2027-08-02'));
        // Whole seconds of 9:40:45.9 on; totality from 3880 s after the first contact to 4053 s.
        self::assertCount(278, $total);
        self::assertSame([880.0, 100.0], [round($total[0][0]), round($total[0][1])]);
        self::assertSame([130, 131, 132, 133, 134, 135], array_keys(array_filter($total, static fn(array $tone): bool => $tone[0] === 0)));
        $begin = $here('2027-08-02')->begins();
        self::assertSame([(int) $begin->format('U'), 9 * 3600 + 40 * 60 + 45, 30], [LightSound::of($here('2027-08-02'))->beginEpochS, LightSound::of($here('2027-08-02'))->beginS, LightSound::of($here('2027-08-02'))->stepS]);
        self::assertEqualsWithDelta(100 * (1 - $here('2027-08-02')->at($begin->modify('+1800 seconds'))->obscuration()), $total[60][1], 0.051);
        $sunset = $tones($here('2026-08-12'));
        self::assertSame([0, 0], end($sunset));
    }

    /** @return non-empty-list<array{float|int, float|int}> */
    private static function tones(LocalEclipse $here): array
    {
        /** @var non-empty-list<array{float|int, float|int}> */
        return json_decode(LightSound::of($here)->tones, true, 4, JSON_THROW_ON_ERROR);
    }

    /** Area of the path over the Sun's: whole circles, one less another, or a crescent between two arcs. */
    private static function share(string $path): float
    {
        if ($path === '') {
            return 0.0;
        }
        if (preg_match('/^M(\S+) (\S+)A(\S+) \S+ 0 (\d) 1 (\S+) (\S+)A(\S+) \S+ 0 (\d) 0 \1 \2Z$/', $path, $p) !== 1) {
            preg_match_all('/M\S+ \S+?a([\d.]+) /', $path, $circles);
            $areas = array_map(static fn(string $r): float => ((float) $r / PhaseStrip::RADIUS_MM) ** 2, $circles[1]);

            return ($areas[0] ?? 0.0) - ($areas[1] ?? 0.0);
        }
        self::assertEqualsWithDelta(PhaseStrip::RADIUS_MM, hypot((float) $p[1], (float) $p[2]), 0.02, 'its horns lie on the limb of the Sun');
        $chord = hypot((float) $p[5] - (float) $p[1], (float) $p[6] - (float) $p[2]);
        $arc = static function (float $r, bool $isLarge) use ($chord): float {
            $half = asin(min(1.0, $chord / 2 / $r));
            $small = $r ** 2 * ($half - sin($half) * cos($half));

            return $isLarge ? M_PI * $r ** 2 - $small : $small;
        };

        return ($arc((float) $p[3], $p[4] === '1') - $arc((float) $p[7], $p[8] === '1')) / (M_PI * PhaseStrip::RADIUS_MM ** 2);
    }
}
