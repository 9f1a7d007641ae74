<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use App\Domain\Sky\Gazetteer;
use App\Domain\Sky\PlaceFit;
use App\Models\Event;
use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Which parts of a place are pointed out: name × zone × height × moved or not, at borders, at sea, across 180°. Zones by the IANA database. */
final class PlaceFitTest extends TestCase
{
    use RefreshDatabase;

    private const CADIZ = ['lat' => 36.53, 'lon' => -6.29, 'height_m' => 12, 'place_name' => 'The sea wall', 'timezone' => 'Europe/Madrid'];

    /** @return iterable<string, array{float, float, float|null, string, string|null, bool, list<string>}> lat, lon, height, name, zone, whether an event stood at Cádiz, what does not fit */
    public static function places(): iterable
    {
        yield 'all of one piece' => [36.53, -6.29, 12, 'The sea wall', 'Europe/Madrid', false, []];
        yield 'a house name says nothing' => [-33.45, -70.66, 520, 'The sea wall', 'America/Santiago', false, []];
        yield 'the name of another town' => [-33.45, -70.66, 520, 'Cadiz, Andalusia, Spain', 'America/Santiago', false, ['place_name']];
        yield 'near another town' => [-33.45, -70.66, 520, 'Near Cadiz, Andalusia, Spain', 'America/Santiago', false, ['place_name']];
        yield 'its own town' => [36.60, -6.25, 5, 'Cadiz, Andalusia, Spain', 'Europe/Madrid', false, []];
        yield 'the zone of another country' => [-33.45, -70.66, 520, 'School', 'Europe/Madrid', false, ['timezone']];
        yield 'another name for the same clock' => [36.53, -6.29, 12, 'School', 'Europe/Paris', false, []];
        yield 'no zone yet' => [36.53, -6.29, 12, 'School', null, false, []];
        yield 'an hour off' => [36.53, -6.29, 12, 'School', 'Europe/London', false, ['timezone']];
        yield 'either side of a border' => [38.88, -6.97, 180, 'School', 'Europe/Lisbon', false, []];
        yield 'but no third side' => [38.88, -6.97, 180, 'School', 'Europe/Athens', false, ['timezone']];
        yield 'at sea by the Sun' => [-47.5, -120.0, 0, 'On board', 'Etc/GMT+8', false, []];
        yield 'at sea by UTC' => [-47.5, -120.0, 0, 'On board', 'UTC', false, []];
        yield 'at sea by a far clock' => [-47.5, -120.0, 0, 'On board', 'Asia/Tokyo', false, ['timezone']];
        yield 'beyond 180°' => [-16.8, -179.95, 3, 'Pier', 'Pacific/Fiji', false, []];
        yield 'beyond 180° by the clock of the other day' => [-16.8, -179.95, 3, 'Pier', 'Pacific/Pago_Pago', false, ['timezone']];
        yield 'half an hour apart' => [27.7, 85.3, 1400, 'Roof', 'Asia/Kolkata', false, ['timezone']];

        yield 'not moved' => [36.53, -6.29, 12, 'The sea wall', 'Europe/Madrid', true, []];
        yield 'moved within the town' => [36.60, -6.20, 12, 'The sea wall', 'Europe/Madrid', true, []];
        yield 'moved and nothing else changed' => [40.42, -3.70, 12, 'The sea wall', 'Europe/Madrid', true, ['height_m', 'place_name']];
        yield 'moved far and nothing else changed' => [-33.45, -70.66, 12, 'The sea wall', 'Europe/Madrid', true, ['height_m', 'place_name', 'timezone']];
        yield 'moved with a name of its own' => [40.42, -3.70, 12, 'Roof in Madrid', 'Europe/Madrid', true, ['height_m']];
        yield 'moved with all of it' => [40.42, -3.70, 650, 'Roof in Madrid', 'Europe/Madrid', true, []];
        yield 'moved, height not known' => [40.42, -3.70, null, 'Roof in Madrid', 'Europe/Madrid', true, []];
    }

    /** @param list<string> $misfits */
    #[DataProvider('places')]
    public function testWhatDoesNotFitIsPointedOut(float $lat, float $lon, ?float $heightM, string $name, ?string $zone, bool $isChange, array $misfits): void
    {
        $before = $isChange ? new Event(self::CADIZ) : null;
        $fit = PlaceFit::of($lat, $lon, $heightM, $name, $zone === null ? null : new DateTimeZone($zone), new DateTimeImmutable('2027-08-02T09:00Z'), new Gazetteer(), $before);
        $found = array_keys($fit->misfits);
        sort($found);
        self::assertSame($misfits, array_values(array_intersect($found, $misfits)), implode(' ', $fit->misfits));
        self::assertSame([], array_diff($found, $misfits), implode(' ', $fit->misfits));
        // What is proposed instead fits.
        self::assertArrayNotHasKey('timezone', PlaceFit::of($lat, $lon, $heightM, $fit->near, new DateTimeZone($fit->zone), new DateTimeImmutable('2027-08-02T09:00Z'), new Gazetteer(), $before)->misfits);
    }

    /** Two zones that agree in winter only: what counts is the day of the event. */
    public function testTheClocksAreComparedOnTheDay(): void
    {
        $misfits = static fn(string $day): array => PlaceFit::of(36.53, -6.29, 12, 'School', new DateTimeZone('Africa/Lagos'), new DateTimeImmutable($day), new Gazetteer())->misfits;
        self::assertSame([], $misfits('2028-01-26T17:00Z'));
        self::assertArrayHasKey('timezone', $misfits('2027-08-02T09:00Z'));
    }
}
