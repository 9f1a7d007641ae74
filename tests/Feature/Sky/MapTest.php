<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use DOMDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class MapTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    public function testSaysHowFarThePathIsAndWhichTownsLieInIt(): void
    {
        $this->get(route('sky.map', $this->event))->assertOk()
            ->assertSee('You are inside the path')->assertSee('4 min 4')
            ->assertSeeInOrder(['Towns inside the path', 'Jeddah', 'Mecca', 'Tangier'])
            ->assertSee('GeoNames, CC BY 4.0');

        $this->event->update(['eclipse_date' => '2026-08-12']);
        // Source: the southern limit of 2026 runs from Asturias to Valencia (common practice), some 550 km from Cádiz.
        $this->get(route('sky.map', $this->event))->assertOk()
            ->assertSeeText('north-north-east of here')->assertSee('Zaragoza')->assertDontSee('Sevilla');

        $this->event->update(['eclipse_date' => '2025-03-29']);
        $this->get(route('sky.map', $this->event))->assertOk()->assertSee('partial everywhere: there is no path to go to');

        // Total without a central line, the Sun on the horizon: an area, a way there, and towns.
        $this->event->update(['eclipse_date' => '2043-04-09', 'lat' => 55.0, 'lon' => 150.0, 'timezone' => 'Asia/Magadan']);
        $this->get(route('sky.map', $this->event))->assertOk()->assertSee('it has no central line')->assertSee('Towns inside the path');
    }

    public function testTellsWhatIsSeenAtAPoint(): void
    {
        $this->get(route('sky.there', [$this->event, 'lat' => 25.7, 'lon' => 32.64]))->assertOk()
            ->assertSee('near Luxor, Egypt')->assertSee('Totality 6 min')->assertSee('EEST, UTC+3')->assertSee('Plan an event there')
            ->assertSee('timezone=Africa%2FCairo', false);
        $this->get(route('sky.there', [$this->event, 'lat' => 40, 'lon' => -120]))->assertOk()->assertSee('It is not seen there');
        $this->getJson(route('sky.there', [$this->event, 'lat' => 95, 'lon' => 0]))->assertUnprocessable();
    }

    public function testTheTownsAreCountedAndSearched(): void
    {
        $page = (string) $this->get(route('sky.map', $this->event))->assertOk()->getContent();
        self::assertSame(1, preg_match('/60 of (\d+) towns, the largest first/', $page, $m));
        self::assertGreaterThan(200, (int) $m[1]);
        $this->get(route('sky.map', [$this->event, 'town' => 'cadiz']))->assertOk()->assertSee('Cadiz, Andalusia, Spain')->assertDontSee('Jeddah')->assertSee('towns that fit “cadiz”');
        $this->get(route('sky.map', [$this->event, 'town' => 'atlantis']))->assertOk()->assertSee('0 of 0 towns that fit');
        $this->get(route('sky.map', [$this->event, 'town' => str_repeat('x', 90)]))->assertRedirect(route('sky.map', $this->event))->assertSessionHasErrors('town');
        $this->get(route('sky.map', [$this->event, 'town' => ['x']]))->assertSessionHasErrors('town');
    }

    /** @return iterable<string, array{string}> */
    public static function dates(): iterable
    {
        yield 'over the pole' => ['2021-06-10'];
        yield 'a hybrid' => ['2023-04-20'];
        yield 'no central line' => ['2043-04-09'];
        yield 'over Africa' => ['2027-08-02'];
        yield 'around the pole' => ['2026-08-12'];
        yield 'across the date line' => ['2028-07-22'];
        yield 'partial only' => ['2025-03-29'];
    }

    /** RFC 7946: positions in range, rings closed and anticlockwise, no line across the antimeridian. */
    #[DataProvider('dates')]
    public function testThePathIsValidGeoJson(string $date): void
    {
        $this->event->update(['eclipse_date' => $date]);
        $response = $this->get(route('sky.geojson', $this->event))->assertOk()->assertHeader('Content-Type', 'application/geo+json');
        /** @var array{type: string, features: list<array{type: string, properties: array{what: string}, geometry: array{type: string, coordinates: list<array<mixed>>}}>} $collection */
        $collection = json_decode((string) $response->getContent(), true, flags: JSON_THROW_ON_ERROR);

        self::assertSame('FeatureCollection', $collection['type']);
        $what = [];
        foreach ($collection['features'] as $feature) {
            $what[] = $feature['properties']['what'];
            /** @var list<list<array{float, float}>> $lines */
            $lines = match ($feature['geometry']['type']) {
                'MultiPolygon' => array_merge([], ...$feature['geometry']['coordinates']),
                'MultiLineString' => $feature['geometry']['coordinates'],
                default => [[$feature['geometry']['coordinates'], $feature['geometry']['coordinates']]],
            };
            foreach ($lines as $line) {
                $area = 0.0;
                foreach ($line as $i => [$lon, $lat]) {
                    self::assertLessThanOrEqual(180, abs($lon));
                    self::assertLessThanOrEqual(90, abs($lat));
                    if ($i > 0) {
                        self::assertLessThanOrEqual(180, abs($lon - $line[$i - 1][0]), $feature['properties']['what']);
                        $area += $line[$i - 1][0] * $lat - $lon * $line[$i - 1][1];
                    }
                }
                if ($feature['geometry']['type'] === 'MultiPolygon') {
                    self::assertSame($line[0], $line[count($line) - 1]);
                    self::assertGreaterThan(0, $area);
                }
            }
        }
        self::assertSame($date !== '2025-03-29', in_array('path', $what, true));
        self::assertContains('magnitude', $what);
    }

    public function testTheKmlIsWellFormed(): void
    {
        $kml = new DOMDocument();
        self::assertTrue($kml->loadXML((string) $this->get(route('sky.kml', $this->event))->assertOk()->getContent()));
        self::assertSame('http://www.opengis.net/kml/2.2', $kml->documentElement?->namespaceURI);
        self::assertSame(2, $kml->getElementsByTagName('Placemark')->length);
    }
}
