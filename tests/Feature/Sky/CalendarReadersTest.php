<?php

declare(strict_types=1);

namespace Tests\Feature\Sky;

use App\Domain\Sky\Eclipses;
use App\Exports\Sky\ContactsCalendar;
use App\Models\Event;
use DateTimeImmutable;
use KeenShadow\Core\Rules\Filters;
use KeenShadow\Core\Sky\Contact;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Our calendars as two programs read them that know no time zone but the file's own: ical.js, and dateutil's tzical. */
final class CalendarReadersTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{string, float, float, string}> date, place, zone */
    public static function zones(): iterable
    {
        yield 'summer time' => ['2027-08-02', 36.53, -6.29, 'Europe/Madrid'];
        yield 'winter time' => ['2028-01-26', 36.53, -6.29, 'Europe/Madrid'];
        yield 'the clock goes back that very night' => ['2013-11-03', 47.56, -52.71, 'America/St_Johns'];
        yield 'no summer time, a half hour' => ['2028-07-22', -12.46, 130.84, 'Australia/Darwin'];
        yield 'summer time with a half hour' => ['2024-04-08', 47.56, -52.71, 'America/St_Johns'];
        yield 'a quarter of an hour' => ['2031-05-21', 27.7, 85.32, 'Asia/Kathmandu'];
        yield 'far east of Greenwich' => ['2028-07-22', -18.14, 178.44, 'Pacific/Fiji'];
        yield 'UTC' => ['2026-08-12', 64.15, -21.94, 'UTC'];
        yield 'far ahead' => ['2100-09-04', 36.53, -6.29, 'Europe/Madrid'];
    }

    #[DataProvider('zones')]
    public function testBothReadersFindTheInstants(string $date, float $lat, float $lon, string $zone): void
    {
        $event = Event::factory()->make(['organisation_id' => 1, 'eclipse_date' => $date, 'lat' => $lat, 'lon' => $lon, 'timezone' => $zone]);
        $here = app(Eclipses::class)->at($event);
        $expected = [];
        foreach (array_filter($here->circumstances->contacts(), static fn(Contact $c): bool => $c->view->isSunUp()) as $contact) {
            $expected["e-{$contact->name->value}@keen-shadow"] = $contact->time()->modify('+500 milliseconds')->format('Y-m-d\TH:i:s\Z');
        }
        self::assertGreaterThan(1, count($expected));
        $text = ContactsCalendar::of($event, $here, Filters::forPlace($here), new DateTimeImmutable('2026-11-25T12:00:00Z'), 'e');
        $calendar = Reader::read($text);
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());

        $path = tempnam(sys_get_temp_dir(), 'ics');
        self::assertIsString($path);
        file_put_contents($path, $text);
        try {
            self::assertSame($expected, $this->read(['node', 'tests/readers/ical.mjs', $path]), 'ical.js');
            self::assertSame($expected, $this->read(['/usr/bin/python3', 'tests/readers/ical.py', $path]), 'dateutil');
        } finally {
            unlink($path);
        }
    }

    /**
     * @param list<string> $command
     *
     * @return array<string, string> instant by UID
     */
    private function read(array $command): array
    {
        $process = new Process($command, base_path(), ['PYTHONDONTWRITEBYTECODE' => '1']);
        $process->mustRun();
        $found = [];
        foreach (explode("\n", trim($process->getOutput())) as $line) {
            [$uid, $instant] = explode(' ', $line);
            $found[$uid] = $instant;
        }

        return $found;
    }
}
