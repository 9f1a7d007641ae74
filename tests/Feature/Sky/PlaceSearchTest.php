<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use App\Models\Place;
use App\Pages\Sky\PlaceSearch;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class PlaceSearchTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{string, string, string}> */
    public static function names(): iterable
    {
        // Common practice, no source: what people type and what they mean.
        yield 'plain' => ['Luxor', 'Luxor', 'Africa/Cairo'];
        yield 'without accents' => ['Malaga', 'Málaga', 'Europe/Madrid'];
        yield 'with accents the table lacks' => ['Cádiz, Spain', 'Cadiz', 'Europe/Madrid'];
        yield 'a slip' => ['reykiavik', 'Reykjavík', 'Atlantic/Reykjavik'];
        yield 'a beginning' => ['valladol', 'Valladolid', 'Europe/Madrid'];
        yield 'a region settles it' => ['Springfield, Illinois', 'Springfield', 'America/Chicago'];
        yield 'a country code settles it' => ['Cordoba, AR', 'Córdoba', 'America/Argentina/Cordoba'];
    }

    #[DataProvider('names')]
    public function testFindsWhatIsMeant(string $typed, string $name, string $zone): void
    {
        $found = (new PlaceSearch())->find($typed);

        self::assertNotSame([], $found, $typed);
        self::assertStringContainsString($name, $found[0]->name);
        self::assertSame($zone, $found[0]->timezone);
    }

    public function testCoordinatesTakeTheZoneOfTheNearestTown(): void
    {
        $found = (new PlaceSearch())->find('36°31′38″N 6°17′33″W');
        self::assertSame('Europe/Madrid', $found[0]->timezone);
        self::assertStringContainsString('Near Cadiz', $found[0]->name);
        self::assertSame('Pacific/Honolulu', (new PlaceSearch())->find('geo:20.5,-157.2')[0]->timezone);
        self::assertSame('UTC', (new PlaceSearch())->find('-47.5 -120')[0]->timezone);
    }

    public function testHostileTextFindsNothingAndBreaksNothing(): void
    {
        self::assertGreaterThan(130000, Place::query()->count());
        foreach (['', ' ', 'x', '%', '%%', '_______', "'; drop table places; --", str_repeat('a', 5000), "Cad\0iz", '100%'] as $typed) {
            self::assertLessThanOrEqual(8, count((new PlaceSearch())->find($typed)));
        }
        self::assertSame([], (new PlaceSearch())->find('%%'));
    }

    public function testThePieceOfPageCarriesWhatTheFormNeeds(): void
    {
        $this->actingAs($this->member())->get('/places?q=' . urlencode('Cádiz, Andalusia'))->assertOk()
            ->assertSee('data-zone="Europe/Madrid"', false)->assertSee('Cadiz, Andalusia, Spain');
        $this->get('/places?q=qqqxqqq')->assertOk()->assertSee('Nothing found');
    }
}
