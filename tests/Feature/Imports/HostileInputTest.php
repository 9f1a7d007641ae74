<?php

declare(strict_types=1);

namespace Tests\Feature\Imports;

use App\Imports\Limits;
use App\Models\Site\PlanRevision;
use App\Models\Sky\PlaceList;
use DOMDocument;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Files and texts that are meant to do harm, or only look so. */
final class HostileInputTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    /** @return iterable<string, array{string, string}> content, words */
    public static function files(): iterable
    {
        $wpt = '<wpt lat="36.53" lon="-6.29"/>';
        $entities = '<!ENTITY a0 "x">' . implode('', array_map(static fn(int $i): string => "<!ENTITY a{$i} \"" . str_repeat('&a' . ($i - 1) . ';', 10) . '">', range(1, 9)));
        yield 'entities that grow' => ["<?xml version=\"1.0\"?><!DOCTYPE gpx [{$entities}]><gpx><wpt lat=\"1\" lon=\"1\"><name>&a9;</name></wpt></gpx>", 'document type'];
        yield 'an entity from a file' => ['<!DOCTYPE gpx [<!ENTITY x SYSTEM "file:///etc/passwd">]><gpx><wpt lat="1" lon="1"><name>&x;</name></wpt></gpx>', 'document type'];
        yield 'an entity without a type' => ['<gpx><wpt lat="36.53" lon="-6.29"><name>&x;</name></wpt></gpx>', 'not well-formed'];
        yield 'a type in UTF-16' => ['<' . mb_convert_encoding('!DOCTYPE gpx [<!ENTITY a "b">]><gpx/>', 'UTF-16LE', 'UTF-8'), 'document type or an unusual encoding'];
        yield 'a type in UTF-7' => ['<?xml version="1.0" encoding="UTF-7"?>+ADwAIQ-DOCTYPE gpx+AD4-<gpx/>', 'unusual encoding'];
        yield 'XML without end' => ['<gpx>' . str_repeat('<a>', 5000), 'not well-formed'];
        yield 'elements without end' => ['<gpx>' . str_repeat('<a/>', Limits::PARTS + 1) . '</gpx>', 'more than 250000 elements'];
        yield 'points without end' => ['<gpx>' . str_repeat($wpt, Limits::SHAPES + 1) . '</gpx>', 'more than'];
        yield 'a track without end' => ['<gpx><trk><trkseg>' . str_repeat('<trkpt lat="36.53" lon="-6.29"/>', Limits::POINTS + 1) . '</trkseg></trk></gpx>', 'more than 50000 points'];
        yield 'a line without end' => ['<kml><Placemark><LineString><coordinates>' . str_repeat('1,2,3 ', Limits::POINTS + 1) . '</coordinates></LineString></Placemark></kml>', 'more than 50000 points'];
        yield 'brackets without end' => ['{"type":"Point","coordinates":' . str_repeat('[', Limits::PARTS + 1), 'more than 250000 brackets'];
        yield 'brackets in brackets' => ['{"type":"Point","coordinates":' . str_repeat('[', 100) . str_repeat(']', 100) . '}', 'not valid JSON'];
        yield 'positions without end' => ['{"type":"LineString","coordinates":[' . rtrim(str_repeat('[1,2],', Limits::POINTS + 1), ',') . ']}', 'more than 50000 points'];
        yield 'names without end' => ["name,lat,lon\nA,1," . str_repeat('x', 4000000) . "\n", 'Line 2 is longer than 20000 bytes'];
        yield 'a cell over many lines' => ["name,lat,lon\n\"" . str_repeat("x\n", 200000) . '",1,1', 'longer than 2000 bytes'];
        yield 'a quotation without end' => ["name,lat,lon\n\"" . str_repeat("x\n", 2000000), 'cells where the header has 3'];
        yield 'columns without end' => [rtrim(str_repeat("name,lat,lon,", 1500), ',') . "\n", 'the columns must be'];
        yield 'a head without end' => [str_repeat('name,', 900000), 'Line 1 is longer'];
    }

    #[DataProvider('files')]
    public function testAFileThatWouldBringItDownIsRefusedInFewWords(string $content, string $words): void
    {
        $index = route('place-lists.index', $this->event);
        $this->from($index)->sendList('a.csv', $content)->assertRedirect($index)->assertSessionHasErrors('file');
        $page = (string) $this->get($index)->assertSee($words)->getContent();
        self::assertLessThan(30000, strlen($page), 'a short answer');
        self::assertSame(0, PlaceList::query()->count());

        $files = route('site.files', $this->event);
        $this->from($files)->post(route('site.import', $this->event), ['areas' => 'building', 'file' => UploadedFile::fake()->createWithContent('a.gpx', $content)])->assertRedirect($files)->assertSessionHasErrors('file');
        self::assertLessThan(30000, strlen((string) $this->get($files)->getContent()));
        self::assertSame(0, PlanRevision::query()->count());
    }

    public function testRowsWithoutEndAreRefusedAndAsManyAsMayBeAreRead(): void
    {
        $rows = static fn(int $n): string => "name,lat,lon\n" . implode("\n", array_map(static fn(int $i): string => "P{$i},36.5,-6.3", range(1, $n)));
        Queue::fake();
        $this->sendList('a.csv', $rows(Limits::ROWS + 1))->assertSessionHasErrors('file');
        self::assertSame(0, PlaceList::query()->count());
        $this->sendList('a.csv', $rows(Limits::ROWS))->assertSessionHasNoErrors();
        self::assertSame(Limits::ROWS, PlaceList::query()->firstOrFail()->places()->count());
    }

    /** 98 kB of points of one name once took twelve seconds. */
    public function testManyThingsOfOneNameAreNumberedOrRefusedAtOnce(): void
    {
        $file = static fn(int $n): UploadedFile => UploadedFile::fake()->createWithContent('a.gpx', '<gpx>' . str_repeat('<wpt lat="36.5297" lon="-6.2926"><name>Post</name></wpt>', $n) . '</gpx>');
        $this->post(route('site.import', $this->event), ['areas' => 'building', 'file' => $file(2000)])->assertSessionHasErrors(['file' => 'There are more than 150 things in the file.']);
        $this->post(route('site.import', $this->event), ['areas' => 'building', 'file' => $file(150)])->assertSessionHasNoErrors();
        self::assertNotNull($this->event->refresh()->planRevision?->plan->named('Post 150'));
    }

    /** @return array<string, array{string, string}> as it is sent, as it is kept */
    public static function texts(): array
    {
        return [
            'control characters' => ["Sea\u{7} wall\u{1B}[31m", 'Sea wall [31m'],
            'line breaks and tabs' => ["Sea\r\nwall\t2", 'Sea wall 2'],
            'what no XML may hold' => ["Sea\u{FFFE} wall\u{FFFF}", 'Sea wall'],
            'C1 controls' => ["Sea\u{85}wall\u{9F}", 'Sea wall'],
            'letters and accents apart' => ["Ca\u{0301}diz", "C\u{E1}diz"],
            'blanks of all kinds around it' => ["\u{A0}\u{3000} Sea wall\u{2003}", 'Sea wall'],
            'a direction turned' => ["Sea \u{202E}llaw\u{202C}", 'Sea llaw'],
            'marks of other formats' => ['<b>&amp;"Sea\';wall"', '<b>&amp;"Sea\';wall"'],
            'another script' => ['漢字 — Κάδιξ', '漢字 — Κάδιξ'],
            'beyond the first plane' => ['Eclipse 🌘', 'Eclipse 🌘'],
        ];
    }

    #[DataProvider('texts')]
    public function testATextIsKeptPlainAndEveryFormatHoldsIt(string $sent, string $kept): void
    {
        $this->put(route('events.update', $this->event), [
            'title' => $sent, 'place_name' => 'Cádiz', 'lat' => '36.5297', 'lon' => '-6.2926', 'height_m' => '10', 'timezone' => 'Europe/Madrid', 'eclipse' => '2027-08-02', 'as_typed' => '1',
        ] + self::formOf($this->event))->assertSessionHasNoErrors();
        self::assertSame($kept, $this->event->refresh()->title);
        $this->putJson(route('site.update', $this->event), ['from' => null, 'accuracy_m' => '0.5', 'horizon' => '', 'things' => [['kind' => 'viewers', 'name' => $sent, 'points' => '0 0']]], ['X-Requested-With' => 'XMLHttpRequest'])->assertOk();
        self::assertNotNull($this->event->refresh()->planRevision?->plan->named($kept));

        foreach (['site.gpx', 'sky.kml'] as $route) {
            $document = new DOMDocument();
            self::assertTrue($document->loadXML((string) $this->get(route($route, $this->event))->assertOk()->getContent()), $route);
            // GPX names the plan and its spot, KML the event.
            self::assertSame($kept, $document->getElementsByTagName('name')->item($route === 'site.gpx' ? 1 : 0)?->textContent);
        }
        $geo = json_decode((string) $this->get(route('site.geojson', $this->event))->assertOk()->getContent(), true, 32, JSON_THROW_ON_ERROR);
        self::assertSame($kept, is_array($geo) ? data_get($geo, 'features.0.properties.name') : null);
        self::assertStringNotContainsString("\u{7}", (string) $this->get(route('sky.calendar', $this->event))->getContent());
        $this->get(route('events.index'))->assertOk()->assertSee($kept);
        // The same in a file.
        $this->sendList('a.csv', "name,lat,lon\n\"" . str_replace('"', '""', $sent) . "\",36.53,-6.29\n")->assertSessionHasNoErrors();
        self::assertSame($kept, PlaceList::query()->firstOrFail()->places()->firstOrFail()->name);
    }

    public function testAListMayBeCalledAnything(): void
    {
        foreach (['漢字.csv' => '漢字', "\xE9cole.csv" => '?cole', '...csv' => '..', '.csv' => 'Places', "../../etc/passwd\0.csv" => 'passwd'] as $file => $name) {
            $this->sendList($file, "name,lat,lon\nA,36.53,-6.29\n")->assertSessionHasNoErrors();
            $list = PlaceList::query()->latest('id')->firstOrFail();
            self::assertSame($name, $list->name);
            $this->get(route('place-lists.show', [$this->event, $list]))->assertOk();
            $disposition = (string) $this->get(route('place-lists.csv', [$this->event, $list]))->assertOk()->headers->get('Content-Disposition');
            self::assertMatchesRegularExpression('/^attachment; filename="?[\w-]+\.csv"?(; filename\*=utf-8\'\'[^;"\s]+\.csv)?$/', $disposition);
        }
    }

    public function testAByteOrderMarkBeforeGeoJsonIsPassedOver(): void
    {
        $this->sendList('a.geojson', "\u{FEFF}" . '{"type":"Feature","properties":{"name":"Here"},"geometry":{"type":"Point","coordinates":[-6.29,36.53]}}')->assertSessionHasNoErrors();
        self::assertSame('Here', PlaceList::query()->firstOrFail()->places()->firstOrFail()->name);
    }

    public function testATextFarLongerThanAnyFieldIsAnsweredInFewWords(): void
    {
        $form = route('viewers.create', $this->event);
        foreach ([6000, 240000] as $length) {
            $this->from($form)->post(route('viewers.store', $this->event), ['name' => str_repeat('x', $length)] + self::newForm())->assertSessionHasErrors('name');
            self::assertLessThan(60000, strlen((string) $this->get($form)->assertOk()->getContent()));
        }
        $this->post(route('viewers.store', $this->event), ['name' => str_repeat('x', 300000)])->assertStatus(413)->assertSee('This is too long.');
        $page = (string) $this->putJson(route('site.update', $this->event), ['from' => null, 'accuracy_m' => '0.5', 'horizon' => str_repeat('x', 190000), 'things' => []])->assertUnprocessable()->getContent();
        self::assertLessThan(2000, strlen($page));
    }

    /** @return TestResponse<Response> */
    private function sendList(string $name, string $content): TestResponse
    {
        return $this->post(route('place-lists.store', $this->event), ['file' => UploadedFile::fake()->createWithContent($name, $content)] + self::newForm());
    }
}
