<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use App\Domain\Workers;
use App\Jobs\Sky\ComputePlaces;
use App\Models\Role;
use App\Models\Sky\ListedPlace;
use App\Models\Sky\PlaceList;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class PlaceListTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    /** @return iterable<string, array{string, string}> */
    public static function files(): iterable
    {
        yield 'CSV' => ['places.csv', "name,lat,lon,height_m\nCadiz,36.53,-6.29,10\n\"Luxor, temple\",25.7,32.64,80\n"];
        yield 'CSV as spreadsheets write it' => ['places.csv', "\u{FEFF}name;lat;lon;height_m\r\nCadiz;36,53;-6,29;10\r\nLuxor, temple;25,7;32,64;80\r\n"];
        yield 'Windows-1252, headers as people write them' => ['places.csv', mb_convert_encoding("Nombre;Latitud (°);LONGITUD;Altitud [m]\r\nCadiz;36,53;-6,29;10\r\nLuxor, temple;25,7;32,64;80\r\nÑandú;36,5;-6,3;0\r\n", 'Windows-1252', 'UTF-8')];
        yield 'German heads' => ['places.csv', "Ort;Breite;Länge;Höhe\r\nCadiz;36,53;-6,29;10\r\nLuxor, temple;25,7;32,64;80\r\n"];
        yield 'French heads' => ['places.csv', "École,Latitude,Longitude,Hauteur\nCadiz,36.53,-6.29,10\n\"Luxor, temple\",25.7,32.64,80\n"];
        yield 'Portuguese heads' => ['places.csv', "Nome;Latitude;Longitude;Elevação (m)\r\nCadiz;36,53;-6,29;10\r\nLuxor, temple;25,7;32,64;80\r\n"];
        yield 'tabs, no heights' => ['sites.txt', "name\tlat\tlon\nCadiz\t36.53\t-6.29\nLuxor, temple\t25.7\t32.64\n"];
        yield 'GPX 1.1' => ['sites.gpx', '<?xml version="1.0"?><gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1"><wpt lat="36.53" lon="-6.29"><ele>10</ele><name>Cadiz</name></wpt><wpt lat="25.7" lon="32.64"><name>Luxor, temple</name></wpt></gpx>'];
        yield 'KML 2.2' => ['sites.kml', '<kml xmlns="http://www.opengis.net/kml/2.2"><Document><Placemark><name>Cadiz</name><Point><coordinates>-6.29,36.53,10</coordinates></Point></Placemark><Placemark><name>Luxor, temple</name><Point><coordinates> 32.64,25.7 </coordinates></Point></Placemark></Document></kml>'];
        yield 'GeoJSON' => ['sites.geojson', '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"name":"Cadiz"},"geometry":{"type":"Point","coordinates":[-6.29,36.53,10]}},{"type":"Feature","properties":{"name":"Luxor, temple"},"geometry":{"type":"Point","coordinates":[32.64,25.7]}}]}'];
    }

    #[DataProvider('files')]
    public function testAFileGivesATableAndFilesOfLocalTimes(string $name, string $content): void
    {
        $this->upload($name, $content)->assertRedirect();
        $list = PlaceList::query()->firstOrFail();

        // Source of the instants: core/tests/Sky/reference; each site in its own zone.
        $this->get(route('place-lists.show', [$this->event, $list]))->assertOk()
            ->assertSeeInOrder(['all computed', 'Cadiz', 'CEST, UTC+2', 'total', 'filters may come off from 10:45:3', '09:40:46', '10:45:26', '10:48:19', '2 min 53 s', 'Luxor, temple', 'EEST, UTC+3', 'total', '6 min 2']);
        $this->get(route('place-lists.show', [$this->event, $list, 'sort' => '-duration_s']))->assertSeeInOrder(['Luxor, temple', 'Cadiz']);
        $csv = $this->get(route('place-lists.csv', [$this->event, $list]))->assertOk()->streamedContent();
        self::assertStringContainsString('Cadiz,2027-08-02,36.53,-6.29,', $csv);
        self::assertStringContainsString('"Luxor, temple",', $csv);
        self::assertStringContainsString('Africa/Cairo,2027-08-02 1', $csv);
        // C1, C2, maximum, C3, C4 of Cádiz to the nearest second, as the reference has them.
        self::assertStringContainsString('Europe/Madrid,2027-08-02 09:40:46,2027-08-02 10:45:26,2027-08-02 10:46:52,2027-08-02 10:48:19,2027-08-02 11:59:3', $csv);
        if (str_contains($name . $content, 'Altitud')) {
            self::assertStringContainsString("Ñandú,2027-08-02,36.5,-6.3,", $csv);
        }
        $place = ListedPlace::query()->where('name', 'Luxor, temple')->firstOrFail();
        $ics = (string) $this->get(route('place-lists.calendar', [$this->event, $list, $place]))->assertOk()->getContent();
        self::assertStringContainsString('TZID=Africa/Cairo', $ics);
        self::assertSame(5, substr_count($ics, 'BEGIN:VEVENT'));
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function mistakes(): iterable
    {
        yield 'rows' => ['a.csv', "name,lat,lon\nA,95,0\nB,1\nC,north,0\nD,1,1\n", ['Line 2: The latitude', 'Line 3: 2 cells', 'Line 4, column lat']];
        yield 'columns' => ['a.csv', "colour,lat,lon\nA,1,1\n", ['Line 1: the columns must be name,lat,lon']];
        yield 'UTF-16' => ['a.csv', "\xFF\xFEn\0a\0m\0e\0", ['UTF-16']];
        yield 'no known text' => ['a.csv', "name,lat,lon\nA\x81,1,1\n", ['Line 2: the text is neither UTF-8 nor Windows-1252']];
        yield 'heights in feet' => ['a.csv', "name,lat,lon,Height (ft)\nA,1,1,500\n", ['Line 1: the columns must be name,lat,lon']];
        yield 'a column twice' => ['a.csv', "name,lat,Latitude,lon\nA,1,1,1\n", ['each once']];
        yield 'empty' => ['a.csv', "name,lat,lon\n", ['no places']];
        yield 'half a GPX' => ['a.gpx', "<gpx>\n<wpt lat='1' lon='2'>", ['well-formed']];
        yield 'half a GeoJSON' => ['a.json', '{"type":"FeatureCollection","features":[', ['not valid JSON']];
        yield 'a point off the Earth' => ['a.kml', '<kml><Placemark><Point><coordinates>10,95</coordinates></Point></Placemark></kml>', ['Point 1']];
        yield 'noise' => ['a.csv', random_bytes(300), ['columns']];
    }

    /** @param list<string> $messages */
    #[DataProvider('mistakes')]
    public function testFaultsAreNamedByLineAndNothingIsWritten(string $name, string $content, array $messages): void
    {
        $this->from(route('place-lists.index', $this->event));
        $this->upload($name, $content)->assertSessionHasErrors('file');
        self::assertSame(0, PlaceList::query()->count());
        self::assertSame(0, ListedPlace::query()->count());
        $page = $this->get(route('place-lists.index', $this->event))->assertOk();
        foreach ($messages as $message) {
            $page->assertSee($message);
        }
    }

    public function testThousandsOfRowsGoToTheQueueInStretchesThatMayBeRunAgain(): void
    {
        Queue::fake();
        $rows = implode("\n", array_map(static fn(int $i): string => sprintf('School %d;%.2f;%.2f;0', $i, 30 + $i % 10, -6 + $i % 7), range(1, 2100)));
        $this->upload('district.csv', "name;lat;lon;height_m\n{$rows}\n");
        Queue::assertPushed(ComputePlaces::class, 11);
        $list = PlaceList::query()->firstOrFail();
        $this->get(route('place-lists.show', [$this->event, $list]))->assertSee('0 of 2100 places computed')->assertSee('page 1 of 21');

        $this->get(route('place-lists.csv', [$this->event, $list]))->assertRedirect(route('place-lists.show', [$this->event, $list]))->assertSessionHasErrors('list');
        $this->get(route('place-lists.calendar', [$this->event, $list, $list->places()->firstOrFail()]))->assertSessionHasErrors('list');

        foreach ([0, 0, 200] as $from) {
            app()->call([new ComputePlaces($list->id, $from), 'handle']);
        }
        self::assertSame(400, $list->computed());
        $this->get(route('place-lists.table', [$this->event, $list]))->assertSee('400 of 2100 places computed')->assertDontSee('<html', false);
    }

    public function testTheSameFileSentTwiceMakesOneList(): void
    {
        $uuid = self::newForm()['uuid'];
        $first = $this->upload('a.csv', "name,lat,lon\nCadiz,36.53,-6.29\n", $uuid)->headers->get('Location');
        $this->upload('a.csv', "name,lat,lon\nCadiz,36.53,-6.29\n", $uuid)->assertRedirect((string) $first);
        self::assertSame([1, 1], [PlaceList::query()->count(), ListedPlace::query()->count()]);
        $this->upload('a.csv', "name,lat,lon\nCadiz,36.54,-6.29\n", $uuid)->assertSessionHasErrors('version');
        self::assertSame([1, 1], [PlaceList::query()->count(), ListedPlace::query()->count()]);
    }

    public function testWorkThatFailedSaysSoAndIsTakenUpAgain(): void
    {
        Queue::fake();
        $rows = implode("\n", array_map(static fn(int $i): string => "School {$i};36.5;-6.3", range(1, 500)));
        $this->upload('district.csv', "name;lat;lon\n{$rows}\n");
        $list = PlaceList::query()->firstOrFail();
        $show = route('place-lists.show', [$this->event, $list]);
        $this->get($show)->assertSee('Nobody works on it just now')->assertDontSee('Compute again');
        app(Workers::class)->sign('default');
        $this->get($show)->assertDontSee('Nobody works on it')->assertDontSee('Compute again');
        $this->travel(40)->seconds();
        $this->get($show)->assertSee('Nobody works on it just now');

        app()->call([new ComputePlaces($list->id, 200), 'handle']);
        (new ComputePlaces($list->id, 0))->failed();
        $this->get($show)->assertSee('200 of 500 places computed')->assertSee('Computing the rest was given up')->assertSee('Compute again')->assertSee('data-done="1"', false);
        $this->post(route('place-lists.compute', [$this->event, $list]))->assertRedirect($show);
        Queue::assertPushedTimes(ComputePlaces::class, 3 + 2);
        $this->get($show)->assertDontSee('Compute again');
        // The queue lost it, by whatever accident.
        Queue::fake();
        $this->get($show)->assertSee('Compute again');
        foreach ([0, 400] as $from) {
            app()->call([new ComputePlaces($list->id, $from), 'handle']);
        }
        $this->get($show)->assertSee('500 places, all computed')->assertDontSee('Compute again');
        $this->get(route('place-lists.csv', [$this->event, $list]))->assertOk();
    }

    public function testAnotherEclipseOfTheEventComputesItsListsAnew(): void
    {
        $this->upload('a.csv', "name,lat,lon,height_m\nCadiz,36.53,-6.29,10\n");
        $place = ListedPlace::query()->firstOrFail();
        self::assertSame('total', $place->kind);

        $this->put(route('events.update', $this->event), [
            'title' => 'The ring', 'place_name' => 'Cádiz', 'lat' => '36.53', 'lon' => '-6.29', 'height_m' => '10', 'timezone' => 'Europe/Madrid', 'eclipse' => '2028-01-26',
        ] + self::formOf($this->event))->assertRedirect(route('sky.show', $this->event));
        $place->refresh();
        self::assertSame('annular', $place->kind);
        self::assertSame('2028-01-26', $place->max_at?->format('Y-m-d'));
    }

    public function testOnlyOrganisersSendFilesAndOthersListsAreNotFound(): void
    {
        $this->actingAs($this->member(Role::Helper, $this->event->organisation));
        $this->upload('a.csv', "name,lat,lon\nA,1,1\n")->assertForbidden()->assertSee('Only an organiser may change an event.');

        $foreign = $this->eventOf($this->member())->placeLists()->create(['name' => 'Theirs', 'size' => 0]);
        $this->get(route('place-lists.show', [$this->event, $foreign]))->assertNotFound()->assertSee('There is nothing here.');
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function upload(string $name, string $content, ?string $uuid = null): TestResponse
    {
        return $this->post(route('place-lists.store', $this->event), ['file' => UploadedFile::fake()->createWithContent($name, $content)] + ($uuid === null ? self::newForm() : ['uuid' => $uuid]));
    }
}
