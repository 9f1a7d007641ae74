<?php

declare(strict_types=1);

namespace Tests\Feature\Event;

use App\Models\Event;
use KeenShadow\Core\Viewers\Design\DesignRecord;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
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
        $this->actingAs($user)->post('/events', self::GOOD + self::newForm())->assertRedirect(route('sky.show', Event::query()->firstOrFail()));

        $event = Event::query()->firstOrFail();
        self::assertSame(-6.2926, $event->lon);
        self::assertSame($user->organisation_id, $event->organisation_id);

        $this->get('/')->assertSee('Totality on the roof')->assertSee('Totality 2 min 5');
        $this->put(route('events.update', $event), ['title' => 'Moved', 'eclipse' => 'other', 'other_date' => '2026-08-12'] + self::GOOD + self::formOf($event))->assertRedirect(route('sky.show', $event));
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
        $this->actingAs($this->member())->from('/events/create')->post('/events', $change + self::GOOD + self::newForm())->assertRedirect('/events/create');
        self::assertSame(0, Event::query()->count());

        $page = $this->get('/events/create')->assertOk()->assertSee($message);
        $page->assertSee('id="' . $field . '-fault"', false);
        if (!isset($change['title'])) {
            $page->assertSee('Totality on the roof');
        }
        $page->assertSee('school roof');
    }

    /** Santiago's coordinates under the name, zone and height of Cádiz: pointed out once, kept when it is meant. */
    public function testAPlaceOfWhichOnePartWasTypedAnewIsPointedOut(): void
    {
        $santiago = ['lat' => '-33.45', 'lon' => '-70.66', 'eclipse' => 'other', 'other_date' => '2027-02-06'];
        $user = $this->member();
        $this->actingAs($user)->from('/events/create')->post('/events', ['place_name' => 'Cadiz, Andalusia, Spain'] + $santiago + self::GOOD + self::newForm())
            ->assertSessionHasErrors(['place_name', 'timezone', 'as_typed']);
        self::assertSame(0, Event::query()->count());
        $this->get('/events/create')->assertOk()->assertSee('America/Santiago')->assertSee('near Santiago')->assertSee('It is right as I typed it');
        $this->get('/eclipses?' . http_build_query(['lat' => '-33.45', 'lon' => '-70.66', 'height_m' => '520', 'timezone' => 'Europe/Madrid', 'place_name' => 'Cadiz, Andalusia, Spain']))
            ->assertOk()->assertSee('data-misfits="place_name timezone"', false)->assertSee('data-zone="America/Santiago"', false);
        $this->post('/events', ['as_typed' => '1'] + $santiago + self::GOOD + self::newForm())->assertSessionHasNoErrors();

        // Changed in one part: the name and the height stay behind.
        $event = $this->eventOf($user, ['height_m' => 10]);
        $moved = ['place_name' => $event->place_name, 'lat' => '40.42', 'lon' => '-3.70', 'height_m' => '10', 'eclipse' => '2026-08-12'] + self::GOOD;
        $this->from(route('events.edit', $event))->put(route('events.update', $event), $moved + self::formOf($event))->assertSessionHasErrors(['place_name', 'height_m']);
        self::assertEqualsWithDelta(36.5297, $event->refresh()->lat, 1e-9);
        $this->put(route('events.update', $event), ['place_name' => 'Madrid', 'height_m' => '650'] + $moved + self::formOf($event))->assertSessionHasNoErrors();
    }

    public function testAZoneBesideABorderAndOneAtSeaAreLeftAlone(): void
    {
        $this->actingAs($this->member());
        // Badajoz lies 6 km from Portugal; either clock may be kept.
        foreach (['Europe/Madrid', 'Europe/Lisbon'] as $zone) {
            $this->post('/events', ['place_name' => 'At the border', 'lat' => '38.88', 'lon' => '-6.97', 'timezone' => $zone] + self::GOOD + self::newForm())->assertSessionHasNoErrors();
        }
        $ship = ['place_name' => 'On board', 'lat' => '33', 'lon' => '-24', 'height_m' => '0'] + self::GOOD;
        $this->post('/events', ['timezone' => 'Atlantic/Azores'] + $ship + self::newForm())->assertSessionHasNoErrors();
        $this->post('/events', ['timezone' => 'UTC'] + $ship + self::newForm())->assertSessionHasNoErrors();
        $this->post('/events', ['timezone' => 'Asia/Tokyo'] + $ship + self::newForm())->assertSessionHasErrors('timezone');
    }

    public function testANewEventBeginsEmptyAndOffersEarlierPlaces(): void
    {
        $user = $this->member();
        $this->eventOf($user, ['place_name' => 'The sea wall']);
        $page = $this->actingAs($user)->get('/events/create')->assertOk()->assertSee('Places of earlier events')->assertSee('The sea wall')->assertSee('choose a place first');
        $page->assertDontSee('value="36.5297"', false);
        $this->get('/events/create?place_name=The+sea+wall&lat=36.53&lon=-6.29&height_m=0&timezone=Europe/Madrid')->assertSee('eclipses not seen there');
    }

    public function testAnEventIsRemovedAndComesBackWithAllThatBelongsToIt(): void
    {
        $user = $this->member();
        $event = $this->eventOf($user, ['title' => 'Sea wall']);
        $viewer = $event->viewers()->create(['name' => 'Box', 'design' => DesignRecord::read(['build' => 'box'], isWhole: false)]);
        $list = $event->placeLists()->create(['name' => 'Schools', 'size' => 0]);
        $this->actingAs($user)->delete(route('events.destroy', $event))->assertRedirect(route('events.index'))->assertSessionHas('undo', route('events.restore', $event));
        $this->get('/')->assertOk()->assertSee('“Sea wall” is removed')->assertSee('1 removed event');
        $this->get(route('sky.show', $event))->assertNotFound();
        $this->get(route('viewers.show', [$event, $viewer]))->assertNotFound();
        $this->actingAs($this->member())->post(route('events.restore', $event))->assertNotFound();
        $this->actingAs($user)->post(route('events.restore', $event))->assertRedirect(route('sky.show', $event));
        $this->get(route('viewers.show', [$event, $viewer]))->assertOk();

        // A viewer and a list the same way; twice does no harm.
        foreach ([['viewers', $viewer], ['place-lists', $list]] as [$room, $record]) {
            $this->delete(route("{$room}.destroy", [$event, $record]))->assertSessionHas('undo', route("{$room}.restore", [$event, $record]));
            $this->get(route("{$room}.index", $event))->assertSee('Undo');
            $this->get(route("{$room}.show", [$event, $record]))->assertNotFound();
            $this->post(route("{$room}.restore", [$event, $record]))->assertRedirect(route("{$room}.show", [$event, $record]));
            $this->post(route("{$room}.restore", [$event, $record]))->assertRedirect();
        }
        // A name that was given away meanwhile.
        $this->delete(route('viewers.destroy', [$event, $viewer]));
        $event->viewers()->create(['name' => 'Box', 'design' => DesignRecord::read(['build' => 'box'], isWhole: false)]);
        $this->post(route('viewers.restore', [$event, $viewer]))->assertSessionHasErrors('name');
    }

    public function testTheListOfEventsShowsWhatIsToDoNext(): void
    {
        $this->travelTo('2026-11-25');
        $user = $this->member();
        $this->eventOf($user);
        $this->eventOf($user, ['eclipse_date' => '2026-08-12']);
        $this->actingAs($user)->get('/')->assertOk()->assertSeeInOrder(['2 August 2027', 'ribbon-strip', 'Next: Site, nothing drawn yet', '12 August 2026', 'ribbon-strip', 'Over.'], false);
    }

    public function testTheListFollowsThePlace(): void
    {
        $this->travelTo('2026-11-25');
        $this->actingAs($this->member());

        $this->get('/eclipses?lat=36.53&lon=-6.29&height_m=10&timezone=Europe/Madrid')->assertOk()
            ->assertSeeInOrder(['2 Aug 2027', 'total at 10:46 (CEST, UTC+2)', '26 Jan 2028', 'annular at 17:56 (CET, UTC+1)', '22 Jul 2028', 'not seen here']);
        $this->get('/eclipses?lat=-33.87&lon=151.21&height_m=10&timezone=Australia/Sydney')->assertOk()->assertSeeInOrder(['22 Jul 2028', 'total at 14:']);
        $this->get('/eclipses?lat=nowhere&lon=&height_m=&timezone=Mars')->assertOk()->assertSee('choose a place first');
    }
}
