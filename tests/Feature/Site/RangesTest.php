<?php

declare(strict_types=1);

namespace Tests\Feature\Site;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** Every number that is typed: what is no number or out of range is refused beside its field, in its words and with its range; the ends are taken. */
final class RangesTest extends SiteTestCase
{
    private const NO_NUMBERS = ['abc', 'NAN', 'INF', '1e999', '0x10', '12 m', '--3', '1.2.3', '½', '<b>1</b>'];

    /** Other fields that have to be right for the one in question to be asked at all. */
    private const SIGHTING = ['seen_kind' => 'wall', 'seen_name' => 'Mast', 'bearing_deg' => '10', 'distance_m' => '20', 'width_m' => '1', 'top_deg' => '5'];
    private const VIEWER = ['build' => 'box', 'name' => 'Box', 'distance_mm' => '300', 'hole_mm' => '0.6', 'screen_side' => 'front'];
    private const EVENT = ['title' => 'A', 'place_name' => 'B', 'lat' => '36.5', 'lon' => '-6.3', 'height_m' => '5', 'timezone' => 'Europe/Madrid', 'eclipse' => '2027-08-02', 'as_typed' => '1'];

    /** @return iterable<string, array{string, string, string, float, float, string, array<string, string>}> method, route, field, least, most, words of the message, other fields */
    public static function fields(): iterable
    {
        foreach ([
            ['GET', 'site.doorway', 'distance_m', 0.1, 5.0, 'Eyes behind the banner: … from 0.1 to 5 m', []],
            ['GET', 'site.doorway', 'child_m', 0.3, 2.2, 'Children\'s eyes: … from 0.3 to 2.2 m', []],
            ['GET', 'site.doorway', 'seated_m', 0.3, 2.2, 'Seated eyes: … from 0.3 to 2.2 m', []],
            ['GET', 'site.doorway', 'adult_m', 0.3, 2.2, 'Adults\' eyes: … from 0.3 to 2.2 m', []],
            ['GET', 'site.mirror', 'opening_mm', 1.0, 500.0, 'Opening: … from 1 to 500 mm', []],
            ['GET', 'site.mirror', 'screen_m', 0.1, 20.0, 'Screen: … from 0.1 to 20 m', []],
            ['GET', 'site.shadows', 'pole_m', 0.0, 100.0, 'shadow: … from 0 to 100 m', []],
            ['GET', 'site.shadows', 'tube_m', 0.05, 10.0, 'Tube: … from 0.05 to 10 m', []],
            ['GET', 'site.shadows', 'lower_end_m', 0.0, 10.0, 'Lower end: … from 0 to 10 m', []],
            ['GET', 'site.shadows', 'prop_m', 0.05, 10.0, 'Prop: … from 0.05 to 10 m', []],
            ['GET', 'sky.next', 'to', 1900.0, 2199.0, 'Up to the year: … from 1900 to 2199', []],
            ['GET', 'sky.next', 'least', 0.0, 100.0, 'Least area covered: … from 0 to 100 %', []],
            ['POST', 'site.sighting', 'bearing_deg', 0.0, 360.0, 'true bearing from 0 to 360°', self::SIGHTING],
            ['POST', 'site.sighting', 'distance_m', 0.5, 2000.0, 'distance … from 0.5 to 2000 m', self::SIGHTING],
            ['POST', 'site.sighting', 'width_m', 0.1, 1000.0, 'width … from 0.1 to 1000 m', self::SIGHTING],
            ['POST', 'site.sighting', 'top_deg', -10.0, 85.0, 'angle up to its top … from −10 to 85°', self::SIGHTING],
            ['POST', 'viewers.store', 'distance_mm', 10.0, 200000.0, 'distance to the screen … 10 … 200000', self::VIEWER],
            ['POST', 'viewers.store', 'hole_mm', 0.01, 1000.0, 'hole … 0.01 … 1000', ['distance_mm' => '2000'] + self::VIEWER],
            ['POST', 'events.store', 'lat', -90.0, 90.0, 'latitude … −90 … 90', self::EVENT],
            ['POST', 'events.store', 'lon', -180.0, 180.0, 'longitude … −180 … 180', self::EVENT],
            ['POST', 'events.store', 'height_m', -500.0, 10000.0, 'height … −500 to 10 000 metres', self::EVENT],
        ] as $row) {
            yield "{$row[1]} {$row[2]}" => $row;
        }
    }

    /** @param array<string, string> $others */
    #[DataProvider('fields')]
    public function testARangeIsToldAndHeld(string $method, string $route, string $field, float $least, float $most, string $words, array $others): void
    {
        $this->withSchoolYard();
        $before = $this->counts();
        // A length of a viewer may have its unit.
        $nonsense = $route === 'viewers.store' ? array_diff(self::NO_NUMBERS, ['12 m']) : self::NO_NUMBERS;
        foreach ([...$nonsense, (string) ($least - 1), (string) ($most + 1), '-1e30'] as $typed) {
            $this->send($method, $route, [$field => $typed] + $others)->assertSessionHasErrors($field);
            $message = $this->message($field);
            foreach (explode('…', $words) as $part) {
                self::assertStringContainsString(trim($part), $message, "{$field} {$typed}");
            }
        }
        self::assertSame($before, $this->counts(), 'nothing is written');

        foreach ([$least, $most] as $end) {
            // As people type it, with the true minus and the comma.
            $this->send($method, $route, [$field => str_replace(['-', '.'], ['−', ','], (string) $end)] + $others)->assertSessionDoesntHaveErrors($field);
        }
    }

    /**
     * @param array<string, string> $fields
     *
     * @return TestResponse<Response>
     */
    private function send(string $method, string $route, array $fields): TestResponse
    {
        $this->flushSession();
        $this->actingAs($this->user);
        $address = route($route, $route === 'events.store' ? [] : $this->event);

        return $method === 'GET' ? $this->get("{$address}?" . http_build_query($fields)) : $this->post($address, $fields + self::newForm());
    }

    private function message(string $field): string
    {
        $errors = session('errors');
        self::assertInstanceOf(ViewErrorBag::class, $errors);

        return $errors->first($field);
    }

    /** @return list<int> */
    private function counts(): array
    {
        return array_map(static fn(string $table): int => DB::table($table)->count(), ['events', 'viewers', 'plan_revisions']);
    }
}
