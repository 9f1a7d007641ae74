<?php

declare(strict_types=1);

namespace Tests\Feature\Site;

use App\Imports\Sky\PlaceFile;
use DOMDocument;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\Thing;
use KeenShadow\Core\Site\Plan\ThingKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

final class PlanFilesTest extends SiteTestCase
{
    /** @return list<array{string, string}> */
    public static function formats(): array
    {
        return [['site.geojson', 'plan.geojson'], ['site.gpx', 'plan.gpx']];
    }

    /** Out and in again: every thing comes back within the centimetre that seven decimals of a degree leave. */
    #[DataProvider('formats')]
    public function testThePlanGoesOutAndComesBack(string $route, string $file): void
    {
        $this->withSchoolYard();
        $before = $this->plan();
        $content = (string) $this->get(route($route, $this->event))->assertOk()->getContent();
        $this->keep($this->form());
        self::assertSame([], $this->plan()->things);

        $this->import($file, $content)->assertSessionHasNoErrors();
        foreach ($before->things as $thing) {
            $again = $this->plan()->named($thing->name);
            self::assertNotNull($again, $thing->name);
            self::assertSame([$thing->kind, $thing->heightM, $thing->radiusM, $thing->sillM], [$again->kind, $again->heightM, $again->radiusM, $again->sillM]);
            self::assertCount(count($thing->points), $again->points);
            foreach ($thing->points as $point) {
                self::assertLessThan(0.03, min(INF, ...array_map(static fn(PlanPoint $p): float => $p->distanceM($point), $again->points)));
            }
        }
    }

    /** RFC 7946: outer rings run counterclockwise and end where they begin. */
    public function testGeoJsonRingsAreClosedAndTurnLeft(): void
    {
        $this->withSchoolYard();
        /** @var array{features: list<array{geometry: array{type: string, coordinates: list<list<list<float>>>}}>} $collection */
        $collection = $this->get(route('site.geojson', $this->event))->assertHeader('Content-Type', 'application/geo+json; charset=utf-8')->json();
        $rings = array_values(array_filter($collection['features'], static fn(array $f): bool => $f['geometry']['type'] === 'Polygon'));
        self::assertCount(4, $rings);
        foreach ($rings as $feature) {
            $ring = $feature['geometry']['coordinates'][0];
            self::assertSame($ring[0], $ring[count($ring) - 1]);
            $area = 0.0;
            foreach (array_slice($ring, 1) as $i => [$lon, $lat]) {
                $area += ($ring[$i][0] - $ring[0][0]) * ($lat - $ring[0][1]) - ($lon - $ring[0][0]) * ($ring[$i][1] - $ring[0][1]);
            }
            self::assertGreaterThan(0.0, $area);
        }
    }

    public function testGpxIsWellFormedWithWaypointsFirst(): void
    {
        $this->withSchoolYard();
        $dom = new DOMDocument();
        self::assertTrue($dom->loadXML((string) $this->get(route('site.gpx', $this->event))->getContent()));
        $order = array_map(static fn($node): string => $node->nodeName, array_filter(iterator_to_array($dom->documentElement->childNodes ?? []), static fn($n): bool => $n->nodeType === XML_ELEMENT_NODE));
        self::assertSame(['metadata', 'wpt', 'trk'], array_values(array_unique($order)));
        // Our own reader of many sites finds the waypoints in it as well.
        $path = (string) tempnam(sys_get_temp_dir(), 'gpx');
        file_put_contents($path, (string) $this->get(route('site.gpx', $this->event))->getContent());
        self::assertCount(6, PlaceFile::read($path));
        unlink($path);
    }

    public function testOutlinesOfOthers(): void
    {
        $trackPoints = '<trkpt lat="36.5173" lon="-6.2780"/><trkpt lat="36.5174" lon="-6.2780"/><trkpt lat="36.5174" lon="-6.2778"/><trkpt lat="36.51730" lon="-6.27800"/>';
        $this->import('walk.gpx', "<gpx><wpt lat=\"36.5172\" lon=\"-6.2781\"><name>Me</name></wpt><trk><name>Lawn</name><trkseg>{$trackPoints}</trkseg></trk><rte><rtept lat=\"36.517\" lon=\"-6.278\"/><rtept lat=\"36.5171\" lon=\"-6.278\"/></rte></gpx>", 'grass')->assertSessionHasNoErrors();
        $this->import('map.kml', '<kml><Document><Placemark><name>Hall</name><Polygon><outerBoundaryIs><LinearRing><coordinates>-6.279,36.517,0 -6.2789,36.517,0 -6.2789,36.5171,0 -6.279,36.517,0</coordinates></LinearRing></outerBoundaryIs></Polygon></Placemark></Document></kml>')->assertSessionHasNoErrors();
        $kinds = array_map(static fn(Thing $t): array => [$t->name, $t->kind, count($t->points)], $this->plan()->things);
        self::assertEqualsCanonicalizing([['Me', ThingKind::Audience, 1], ['Lawn', ThingKind::Grass, 3], ['wall 3', ThingKind::Wall, 2], ['Hall', ThingKind::Building, 3]], $kinds);
        self::assertEqualsWithDelta(0.0, $this->plan()->named('Me')?->at()->distanceM(new PlanPoint(0, 0)), 0.01);
        $square = static fn(float $lon): string => "[[[{$lon},36.517],[-6.2771,36.517],[-6.2771,36.5171],[{$lon},36.517]]]";
        $this->import('many.geojson', '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"name":"Wing","height_m":7},"geometry":{"type":"MultiPolygon","coordinates":[' . $square(-6.2772) . ',' . $square(-6.2773) . ']}},{"type":"Feature","properties":null,"geometry":{"type":"MultiLineString","coordinates":[[[-6.277,36.517],[-6.277,36.5171]]]}},{"type":"Feature","properties":null,"geometry":{"type":"MultiPoint","coordinates":[[-6.278,36.517],[-6.278,36.5171]]}},{"type":"Feature","properties":null,"geometry":null}]}')->assertSessionHasNoErrors();
        self::assertSame([7.0, 7.0], [$this->plan()->named('Wing')?->heightM, $this->plan()->named('Wing 2')?->heightM], 'the parts of one thing');
        self::assertCount(4 + 5, $this->plan()->things);
        $this->import('again.gpx', '<gpx><wpt lat="36.5172" lon="-6.2781"><name>Me</name></wpt></gpx>');
        self::assertNotNull($this->plan()->named('Me 2'), 'a second of a name is told from the first');
    }

    public function testAHorizonFromATable(): void
    {
        $this->import('horizon.csv', "azimuth;altitude\n215;0,5\n230;1,25\n")->assertSessionHasNoErrors();
        self::assertSame([[215.0, 0.5], [230.0, 1.25]], $this->plan()->horizon->points);
        self::assertSame("azimuth_deg,altitude_deg\r\n215,0.5\r\n230,1.25\r\n", str_replace(["\r\n", "\n"], ["\n", "\r\n"], (string) $this->get(route('site.horizon', $this->event))->getContent()));
        $many = implode('', array_map(static fn(int $i): string => sprintf("%.3f,%.2f\n", $i * 0.072, 2 + sin($i / 40)), range(0, 4999)));
        $this->import('fine.csv', "azimuth_deg,altitude_deg\n{$many}")->assertSessionHasNoErrors();
        self::assertCount(5000, $this->plan()->horizon->points);
        $this->get(route('site.show', $this->event))->assertOk();
    }

    /** @return array<string, array{string, string, string}> */
    public static function broken(): array
    {
        return [
            'a site in another country' => ['a.geojson', '{"type":"Feature","properties":{"name":"Hall"},"geometry":{"type":"Point","coordinates":[13.4,52.5]}}', '“Hall” lies 2'],
            'a GPX with letters for numbers' => ['a.gpx', '<gpx><wpt lat="a" lon="-6.28"><name>Me</name></wpt></gpx>', 'Latitude “a”'],
            'a GeoJSON off the Earth' => ['a.geojson', '{"type":"Point","coordinates":[-6.28,95]}', '“95”'],
            'a KML without a latitude' => ['a.kml', '<kml><Placemark><Point><coordinates>-6.28</coordinates></Point></Placemark></kml>', 'longitude “-6.28”'],
            'a horizon beyond a whole turn' => ['a.csv', "azimuth_deg,altitude_deg\n20,1\n400,2\n", '400'],
            'no XML' => ['a.gpx', '<gpx><wpt', 'well-formed XML'],
            'no JSON' => ['a.geojson', '{"type": ', 'not valid JSON'],
            'nothing in it' => ['a.geojson', '{"type":"FeatureCollection","features":[]}', 'no outline'],
            'another town' => ['a.geojson', '{"type":"Feature","properties":{},"geometry":{"type":"Point","coordinates":[2.35,48.85]}}', 'Thing 1'],
            'an outline of two corners' => ['a.geojson', '{"type":"Polygon","coordinates":[[[-6.278,36.517],[-6.279,36.517],[-6.278,36.517]]]}', 'points'],
            'coordinates that are none' => ['a.geojson', '{"type":"Feature","properties":[],"geometry":{"type":"Polygon","coordinates":[["x"]]}}', 'is not a place on the Earth'],
            'a collection' => ['a.geojson', '{"type":"Feature","properties":{},"geometry":{"type":"GeometryCollection","geometries":[]}}', 'A GeometryCollection is not read'],
            'more than a plan holds' => ['a.gpx', '<gpx>' . str_repeat('<wpt lat="36.5172" lon="-6.2781"/>', SitePlan::MOST_THINGS + 1) . '</gpx>', 'more than ' . SitePlan::MOST_THINGS . ' things'],
            'a table without lines' => ['a.csv', "azimuth,altitude\n", 'no points'],
            'a table without azimuths' => ['a.csv', "name,lat\nA,3\n", 'azimuth'],
            'a word in the table' => ['a.csv', "azimuth,altitude\n10,1\n20,hill\n", 'Line 3'],
            'an altitude beyond the zenith' => ['a.csv', "azimuth,altitude\n10,91\n", 'altitude'],
        ];
    }

    #[DataProvider('broken')]
    public function testABrokenFileChangesNothing(string $name, string $content, string $words): void
    {
        $this->withSchoolYard();
        $before = $this->event->plan_revision_id;
        $this->import($name, $content)->assertSessionHasErrors('file');
        $this->followingRedirects()->get(route('site.files', $this->event))->assertSee($words);
        self::assertSame($before, $this->event->refresh()->plan_revision_id);
    }

    private function plan(): SitePlan
    {
        return $this->event->refresh()->planRevision->plan ?? self::fail('there is no plan');
    }

    /** @return TestResponse<Response> */
    private function import(string $name, string $content, string $areas = 'building'): TestResponse
    {
        return $this->post(route('site.import', $this->event), ['areas' => $areas, 'file' => UploadedFile::fake()->createWithContent($name, $content)]);
    }
}
