<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use App\Domain\Sky\Gazetteer;
use App\Models\Sky\Place;
use KeenShadow\Core\Position\Coordinates;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class PlaceSearchTest extends TestCase
{
    use RefreshDatabase;

    private const ANDALUSIA = [37.39, -5.99];

    /** @return iterable<string, array{string, string, string}> */
    public static function names(): iterable
    {
        // Common practice, no source: what people type and what they mean, near Seville.
        yield 'more like, though smaller' => ['Akureiri', 'Akureyri', 'Atlantic/Reykjavik'];
        yield 'an accent' => ['Cádiz', 'Cadiz, Andalusia', 'Europe/Madrid'];
        yield 'no accent, but near' => ['cadiz', 'Cadiz, Andalusia', 'Europe/Madrid'];
        yield 'a country in its own language' => ['Cádiz, España', 'Cadiz, Andalusia', 'Europe/Madrid'];
        yield 'a region in its own language' => ['Cádiz, Andalucía', 'Cadiz, Andalusia', 'Europe/Madrid'];
        yield 'a country without a comma' => ['Cadiz España', 'Cadiz, Andalusia', 'Europe/Madrid'];
        yield 'two words of country' => ['Cadiz United States', 'Cadiz, Ohio', 'America/New_York'];
        yield 'punctuation left out' => ['St Johns, Newfoundland', 'St. John\'s', 'America/St_Johns'];
        yield 'München' => ['München', 'Munich', 'Europe/Berlin'];
        yield 'Muenchen has no such spelling, Munchen has' => ['Munchen', 'Munich', 'Europe/Berlin'];
        yield 'Wien' => ['Wien', 'Vienna', 'Europe/Vienna'];
        yield 'Praha' => ['Praha', 'Prague', 'Europe/Prague'];
        yield 'København' => ['København', 'Copenhagen', 'Europe/Copenhagen'];
        yield 'Moskva' => ['Moskva', 'Moscow', 'Europe/Moscow'];
        yield 'La Habana' => ['La Habana', 'Havana', 'America/Havana'];
        yield 'another alphabet' => ['Москва', 'Moscow', 'Europe/Moscow'];
        yield 'size settles it where nothing else does' => ['Paris', 'Paris, Île-de-France', 'Europe/Paris'];
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
        $found = (new Gazetteer())->find($typed, [new Coordinates(...self::ANDALUSIA)]);

        self::assertNotSame([], $found, $typed);
        self::assertStringContainsString($name, $found[0]->name);
        self::assertSame($zone, $found[0]->timezone);
    }

    public function testOnlyAPlainMatchIsTakenWithoutAChoice(): void
    {
        foreach (['Cádiz' => true, 'St Johns' => true, '36.5 -6.3' => true, 'Akureiri' => false, 'Uelen' => false, 'valladol' => false] as $typed => $isPlain) {
            self::assertSame($isPlain, (new Gazetteer())->find($typed)[0]->isPlain, $typed);
        }
        // Uelen has 600 people and is not in the gazetteer: nothing that merely looks alike is given for it.
        foreach ((new Gazetteer())->find('Uelen') as $alike) {
            self::assertFalse($alike->isPlain);
        }
    }

    /** A town across 180°, one over the pole's side, and how far it is where none is near. */
    public function testTheNearestTown(): void
    {
        $places = new Gazetteer();
        self::assertStringContainsString('Fiji', $places->around(-16.8, 179.99)->words());
        self::assertStringContainsString('Fiji', $places->around(-16.8, -179.99)->words());
        self::assertSame('Pacific/Fiji', $places->around(-17.0, -179.9)->timezone());
        self::assertStringContainsString('Longyearbyen', $places->around(78.3, 15.5)->words());
        self::assertMatchesRegularExpression('/^\d{3} km west of .*Portugal$/', $places->around(33.0, -20.0)->words());
        self::assertSame('Far from any town', $places->around(-47.5, -120)->words());
        self::assertSame('Far from any town', $places->around(89.9, 40)->words());
    }

    public function testCoordinatesTakeTheZoneOfTheNearestTown(): void
    {
        $found = (new Gazetteer())->find('36°31′38″N 6°17′33″W');
        self::assertSame('Europe/Madrid', $found[0]->timezone);
        self::assertStringContainsString('Near Cadiz', $found[0]->name);
        self::assertSame('Pacific/Honolulu', (new Gazetteer())->find('geo:20.5,-157.2')[0]->timezone);
        self::assertSame('UTC', (new Gazetteer())->find('-47.5 -120')[0]->timezone);
        // Heights: a geo: link's is above the ellipsoid (RFC 5870), a GPX file's above the sea (GPX 1.1).
        self::assertStringContainsString('above the ellipsoid', (new Gazetteer())->find('geo:36.53,-6.29,59')[0]->note);
        self::assertStringNotContainsString('ellipsoid', (new Gazetteer())->find('<wpt lat="36.53" lon="-6.29"><ele>12</ele></wpt>')[0]->note);
    }

    public function testHostileTextFindsNothingAndBreaksNothing(): void
    {
        self::assertGreaterThan(130000, Place::query()->count());
        foreach (['', ' ', 'x', '%', '%%', '_______', "'; drop table places; --", str_repeat('a', 5000), str_repeat(' N', 2000), str_repeat('1 ', 2000), '<wpt lat="a" lon="b">', "Cad\0iz", '100%'] as $typed) {
            self::assertLessThanOrEqual(8, count((new Gazetteer())->find($typed)));
        }
        self::assertSame([], (new Gazetteer())->find('%%'));
    }

    public function testThePieceOfPageCarriesWhatTheFormNeeds(): void
    {
        $this->actingAs($this->member())->get('/places?q=' . urlencode('Cádiz, Andalusia'))->assertOk()
            ->assertSee('data-zone="Europe/Madrid"', false)->assertSee('Cadiz, Andalusia, Spain');
        $this->get('/places?q=qqqxqqq')->assertOk()->assertSee('Nothing found');
    }
}
