<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Tests\Feature\WithEvent;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class TakeAlongTest extends TestCase
{
    use RefreshDatabase;
    use WithEvent;

    protected function setUp(): void
    {
        parent::setUp();
        $this->event->update(['title' => 'Totality, "sea" wall']);
        $this->travelTo('2026-11-25 12:00:00');
    }

    /** RFC 5545, read back by the library's own strict parser; times as the Sky page has them. */
    public function testTheCalendarHoldsEveryContactWithAlarmsInTheEventsZone(): void
    {
        $response = $this->get(route('sky.calendar', $this->event))->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $calendar = Reader::read((string) $response->getContent());

        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $entries = $calendar->select('VEVENT');
        self::assertCount(5, $entries);
        $starts = [];
        foreach ($entries as $entry) {
            self::assertInstanceOf(VEvent::class, $entry);
            $start = $entry->select('DTSTART')[0] ?? null;
            self::assertInstanceOf(DateTime::class, $start);
            self::assertStringContainsString('TZID=Europe/Madrid', $start->serialize());
            $starts[] = $start->getDateTime()->format('H:i:s');
            self::assertCount(2, $entry->select('VALARM'));
        }
        self::assertSame(['09:40:46', '10:45:26', '10:46:52', '10:48:19', '11:59:36'], $starts);
    }

    public function testContactsBelowTheHorizonAreNotCalled(): void
    {
        $this->event->update(['eclipse_date' => '2026-08-12']);
        $content = (string) $this->get(route('sky.calendar', $this->event))->assertOk()->getContent();
        self::assertStringContainsString('C1: first bite', $content);
        self::assertStringNotContainsString('C4:', $content);
    }

    public function testTheTable(): void
    {
        $lines = explode("\r\n", (string) $this->get(route('sky.table', $this->event))->assertOk()->getContent());
        self::assertStringStartsWith('name,date,lat,lon', $lines[0]);
        self::assertStringStartsWith('"Totality, ""sea"" wall",2027-08-02,36.5297,-6.2926,10,', $lines[1]);
    }

    /** Source: swetest -solecl -local finds these at 36.53 N 6.29 W (from its list of the next eclipses; kinds of the Canon). */
    public function testTheNextEclipsesHere(): void
    {
        $this->get(route('sky.next', $this->event))->assertOk()
            ->assertSeeInOrder(['6 Feb 2027', 'partial', '2 Aug 2027', 'total', '2 min 53 s', '26 Jan 2028', 'annular', '1 Jun 2030'])
            ->assertSee('2076');
        $this->get(route('sky.next', [$this->event, 'to' => 2199, 'kind' => 'total']))->assertOk()
            ->assertSee('2 Aug 2027')->assertDontSee('26 Jan 2028');
        $this->get(route('sky.next', [$this->event, 'kind' => 'annular', 'to' => 2027]))->assertOk()->assertSee('None of that kind');
        $this->get(route('sky.next', [$this->event, 'least' => 101]))->assertRedirect()->assertSessionHasErrors('least');
        $this->get(route('sky.next', [$this->event, 'to' => 'soon']))->assertSessionHasErrors('to');
    }
}
