<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class EventTest extends TestCase
{
    use RefreshDatabase;

    private const GOOD = [
        'title' => 'Totality on the roof',
        'place_name' => 'Cádiz, school roof',
        'lat' => '36.5297',
        'lon' => '−6,2926',
        'height_m' => '25',
        'timezone' => 'Europe/Madrid',
        'eclipse' => '2027-08-02',
        'other_date' => '',
    ];

    public function testMakesAnEventFromWhatPeopleType(): void
    {
        $user = $this->member();
        $this->actingAs($user)->post('/events', self::GOOD)->assertRedirect(route('sky.show', Event::query()->firstOrFail()));

        $event = Event::query()->firstOrFail();
        self::assertSame(-6.2926, $event->lon);
        self::assertSame($user->organisation_id, $event->organisation_id);

        $this->get('/')->assertSee('Totality on the roof')->assertSee('Totality 2 min 5');
        $this->put(route('events.update', $event), ['title' => 'Moved', 'eclipse' => 'other', 'other_date' => '2026-08-12'] + self::GOOD)->assertRedirect(route('sky.show', $event));
        self::assertSame('2026-08-12', $event->refresh()->eclipse_date->format('Y-m-d'));
        $this->get(route('events.edit', $event))->assertOk()->assertSee('2026-08-12');
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'latitude 95' => [['lat' => '95'], 'lat', 'from −90'];
        yield 'latitude in words' => [['lat' => 'north'], 'lat', 'from −90'];
        yield 'longitude 500' => [['lon' => '500'], 'lon', 'from −180'];
        yield 'height of a plane' => [['height_m' => '11000'], 'height_m', '10 000 metres'];
        yield 'not a number at all' => [['height_m' => 'NAN'], 'height_m', '10 000 metres'];
        yield 'an array' => [['lat' => ['36']], 'lat', 'from −90'];
        yield 'made-up zone' => [['timezone' => 'Europe/Atlantis'], 'timezone', 'IANA'];
        yield 'no title' => [['title' => ''], 'title', 'title'];
        yield 'no eclipse chosen' => [['eclipse' => ''], 'eclipse_date', 'Choose an eclipse'];
        yield 'a date without eclipse' => [['eclipse' => 'other', 'other_date' => '2027-08-05'], 'eclipse_date', 'no solar eclipse on 2027-08-05'];
        yield 'not a date' => [['eclipse' => 'other', 'other_date' => '2/8/27'], 'eclipse_date', 'year-month-day'];
        yield 'too far away' => [['eclipse' => 'other', 'other_date' => '2300-01-01'], 'eclipse_date', '2199'];
        yield 'shadow passes by' => [['eclipse' => '2029-01-14'], 'eclipse_date', 'passes it by'];
        yield 'Sun is down' => [['eclipse' => '2029-06-12'], 'eclipse_date', 'below the horizon'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('mistakes')]
    public function testAMistakeIsNamedAtItsFieldAndNothingIsLost(array $change, string $field, string $message): void
    {
        $this->actingAs($this->member())->from('/events/create')->post('/events', $change + self::GOOD)->assertRedirect('/events/create');
        self::assertSame(0, Event::query()->count());

        $page = $this->get('/events/create')->assertOk()->assertSee($message);
        $page->assertSee('id="' . $field . '-fault"', false);
        if (!isset($change['title'])) {
            $page->assertSee('Totality on the roof');
        }
        $page->assertSee('school roof');
    }

    public function testTheListFollowsThePlace(): void
    {
        $this->travelTo('2026-11-25');
        $this->actingAs($this->member());

        $this->get('/eclipses?lat=36.53&lon=-6.29&height_m=10&timezone=Europe/Madrid')->assertOk()
            ->assertSeeInOrder(['2 Aug 2027', 'total at 10:46 (CEST, UTC+2)', '26 Jan 2028', 'annular at 17:56 CET', '22 Jul 2028', 'not seen here']);
        $this->get('/eclipses?lat=-33.87&lon=151.21&height_m=10&timezone=Australia/Sydney')->assertOk()->assertSeeInOrder(['22 Jul 2028', 'total at 14:']);
        $this->get('/eclipses?lat=nowhere&lon=&height_m=&timezone=Mars')->assertOk()->assertSee('choose a place first');
    }
}
