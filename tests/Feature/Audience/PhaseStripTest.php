<?php

declare(strict_types=1);

namespace Tests\Feature\Audience;

use App\Domain\Sky\Eclipses;
use App\Drawings\Audience\PhaseStrip;
use DateTimeZone;
use KeenShadow\Core\Sky\Ephemeris;
use KeenShadow\Core\Sky\LocalEclipse;
use KeenShadow\Core\Sky\Observer;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The shapes to feel are as large as what is left of the Sun. */
final class PhaseStripTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

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
        foreach ($strip->discs as $disc) {
            self::assertEqualsWithDelta(1 - (float) $disc['words'] / 100, self::share($disc['path']), 0.002, $disc['time'] . ' ' . $disc['path']);
        }
    }

    public function testItIsAPageOfTheEvent(): void
    {
        $this->event->update(['eclipse_date' => '2027-08-02', 'lat' => 36.53, 'lon' => -6.29, 'timezone' => 'Europe/Madrid']);
        $this->get(route('audience.strip', $this->event))->assertOk()->assertSee('Max 10:46')->assertSee('A bar 100 mm long')->assertSee('width="44mm"', false);
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
