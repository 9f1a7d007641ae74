<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Models\Event;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Numbers for others: read by Python's own readers of CSV and JSON, nothing of anybody in them. */
final class DatasetTest extends TestCase
{
    use RefreshDatabase;

    private User $organiser;

    private Event $event;

    protected function setUp(): void
    {
        parent::setUp();
        $this->organiser = $this->member(Role::Organiser);
        $this->event = $this->eventOf($this->organiser, ['eclipse_date' => '2027-08-02', 'lat' => 36.52973, 'lon' => -6.29264, 'height_m' => 0, 'timezone' => 'Europe/Madrid', 'title' => 'Marisol and her class', 'place_name' => 'Marisol\'s yard']);
        $this->actingAs($this->organiser);
        $this->post(route('logbook.paper.store', $this->event), ['uuid' => Str::uuid()->toString(), 'kind' => 'temperature', 'who' => 'Marisol', 'within' => '60', 'rows' => [['time' => '10:46:53', 'value' => '21,5', 'text' => 'Marisol shivers']]])->assertSessionHasNoErrors();
        $this->post(route('logbook.paper.store', $this->event), ['uuid' => Str::uuid()->toString(), 'kind' => 'animals', 'who' => 'Marisol', 'within' => '60', 'rows' => [['time' => '10:47', 'value' => '', 'text' => 'Marisol sees bats']]])->assertSessionHasNoErrors();
        Artisan::call('devices:logger');
        $this->post(route('logbook.instruments.store', $this->event), ['uuid' => Str::uuid()->toString(), 'name' => 'Marisol\'s logger', 'stood' => 'Marisol\'s yard', 'zone' => 'UTC', 'date_order' => '', 'ahead' => '', 'sensor' => 'flat', 'file' => UploadedFile::fake()->createWithContent('log.csv', Artisan::output())])->assertSessionHasNoErrors();
    }

    public function testReadByAScript(): void
    {
        $read = $this->read(['place' => 'quarter', 'licence' => 'CC0-1.0']);
        self::assertSame(['time', 'quantity', 'value', 'unit', 'source', 'time_within_s', 'obscuration', 'sun_altitude_deg', 'lat', 'lon'], $read['columns']);
        self::assertSame($read['columns'], $read['described']);
        self::assertSame([1, 379, 379, 379], [$read['by hand temperature'], $read['logger 1 air_temperature'], $read['logger 1 illuminance'], $read['logger 1 air_pressure']]);
        self::assertSame([36.53, -6.29, 0.01, 'CC0-1.0', 'total'], [$read['lat'], $read['lon'], $read['rounded'], $read['licence'], $read['kind']]);
        self::assertSame(['21.5', 'degC', '60'], $read['hand']);
        // Totality at Cádiz: all of the Sun at 10:46:53, 37.4° high (Sky/reference).
        self::assertSame(['1', '37.44'], $read['hand sky']);
        self::assertSame([], $read['contributors']);
        self::assertTrue($read['in order']);
    }

    /** What stands in the data is the same for all places that are rounded to one, to the last digit: contacts and altitudes tell no more than lat and lon. */
    public function testTheSkyDoesNotTellThePlace(): void
    {
        $all = fn(string $place): array => array_map(fn(string $what): string => (string) $this->get(route("logbook.dataset.{$what}", [$this->event, 'place' => $place]))->assertOk()->getContent(), ['csv', 'json']);
        [$street, $town] = [$all('street'), $all('town')];
        $this->event->update(['lat' => 36.5412, 'lon' => -6.2688, 'height_m' => 25]);
        self::assertSame($town, $all('town'));
        self::assertNotSame($street, $all('street'));
    }

    public function testNothingOfAnybody(): void
    {
        foreach (['csv', 'json'] as $what) {
            $content = (string) $this->get(route("logbook.dataset.{$what}", [$this->event, 'place' => 'region']))->assertOk()->getContent();
            self::assertDoesNotMatchRegularExpression('/Marisol|shivers|bats|yard|' . preg_quote($this->organiser->name, '/') . '/', $content);
            self::assertDoesNotMatchRegularExpression('/36\.5|-6\.2|6\.29/', (string) preg_replace('/^(?:[^,]*,){8}/m', '', $content), 'the place itself');
        }
        $this->get(route('logbook.dataset.json', [$this->event, 'named' => '1']))->assertSee($this->organiser->organisation->name);
        $this->get(route('logbook.dataset', $this->event))->assertOk();
        $this->get(route('logbook.dataset.csv', [$this->event, 'place' => 'exact']))->assertRedirect(route('logbook.dataset', $this->event));
    }

    /**
     * @param array<string, string> $chosen
     *
     * @return array<string, mixed>
     */
    private function read(array $chosen): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'set');
        file_put_contents("{$path}.csv", (string) $this->get(route('logbook.dataset.csv', [$this->event, ...$chosen]))->assertOk()->getContent());
        file_put_contents("{$path}.json", (string) $this->get(route('logbook.dataset.json', [$this->event, ...$chosen]))->assertOk()->getContent());
        $process = new Process(['/usr/bin/python3', '-c', <<<'PYTHON'
            import csv, json, sys
            rows = list(csv.DictReader(open(sys.argv[1] + ".csv", newline="", encoding="utf-8")))
            about = json.load(open(sys.argv[1] + ".json", encoding="utf-8"))
            count = lambda source, quantity: sum(row["source"] == source and row["quantity"] == quantity for row in rows)
            hand = next(row for row in rows if row["source"] == "by hand")
            print(json.dumps({
                "columns": list(rows[0]), "described": [field["name"] for field in about["resources"][0]["schema"]["fields"]],
                "by hand temperature": count("by hand", "air_temperature"), **{f"logger 1 {q}": count("logger 1", q) for q in ("air_temperature", "illuminance", "air_pressure")},
                "lat": about["place"]["lat"], "lon": about["place"]["lon"], "rounded": about["place"]["rounded_to_deg"], "licence": about["licenses"][0]["name"], "kind": about["eclipse"]["kind_there"],
                "hand": [hand["value"], hand["unit"], hand["time_within_s"]], "hand sky": [hand["obscuration"], hand["sun_altitude_deg"]],
                "contributors": about["contributors"], "in order": [row["time"] for row in rows] == sorted(row["time"] for row in rows),
            }))
            PYTHON, $path]);
        $process->mustRun();
        array_map(unlink(...), ["{$path}.csv", "{$path}.json", $path]);

        /** @var array<string, mixed> */
        return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }
}
