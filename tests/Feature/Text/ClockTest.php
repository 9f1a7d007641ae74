<?php

declare(strict_types=1);

namespace Tests\Feature\Text;

use App\Text\Clock;
use App\Text\Days;
use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** How a moment is read at a place. Offsets and letters are those of the IANA time zone database. */
final class ClockTest extends TestCase
{
    #[TestWith(['Europe/Madrid', '2026-08-12', 'CEST, UTC+2'])]
    #[TestWith(['Europe/Madrid', '2028-01-26', 'CET, UTC+1'])]
    #[TestWith(['America/St_Johns', '2026-08-12', 'NDT, UTC−2:30'])]
    #[TestWith(['Asia/Kolkata', '2028-07-22', 'IST, UTC+5:30'])]
    #[TestWith(['Asia/Kathmandu', '2028-07-22', 'Kathmandu, UTC+5:45'])]
    #[TestWith(['Pacific/Fiji', '2028-07-22', 'Fiji, UTC+12'])]
    #[TestWith(['America/Argentina/Buenos_Aires', '2027-02-06', 'Buenos Aires, UTC−3'])]
    #[TestWith(['UTC', '2027-02-06', 'UTC'])]
    public function testAZoneHasLettersWhereThereAreAnyElseItsPlace(string $zone, string $day, string $words): void
    {
        self::assertSame($words, Clock::of(new DateTimeZone($zone), new DateTimeImmutable("{$day}T12:00Z"))->zone());
    }

    /**
     * Month and day names of the Unicode CLDR.
     *
     * @param list<string> $words
     */
    #[TestWith(['2027-08-02T10:46:52Z', 'en', ['2 Aug', '2 Aug 2027', '2 August 2027', 'Monday 2 August 2027']])]
    #[TestWith(['2026-08-12T23:30:00-05:00', 'en', ['12 Aug', '12 Aug 2026', '12 August 2026', 'Wednesday 12 August 2026']])]
    #[TestWith(['1900-05-28 00:10 Europe/Lisbon', 'es', ['28 may', '28 may 1900', '28 mayo 1900', 'lunes 28 mayo 1900']])]
    public function testADayIsWrittenInTheUsersLanguageByItsOwnZone(string $moment, string $language, array $words): void
    {
        app()->setLocale($language);
        $day = new DateTimeImmutable($moment);

        self::assertSame($words, [Days::inYear($day), Days::short($day), Days::long($day), Days::full($day)]);
    }

    public function testADateIsWrittenWhereItIsAnotherAndUtcHasItsOwn(): void
    {
        $auckland = Clock::of(new DateTimeZone('Pacific/Auckland'), new DateTimeImmutable('2028-07-22T04:15:00Z'));
        $moment = new DateTimeImmutable('2028-07-22T04:15:30Z');
        self::assertSame(['16:15:30', '04:15:30'], [$auckland->second($moment), $auckland->utc($moment)]);
        self::assertSame('00:15:30 on 23 Jul', $auckland->second($moment->modify('+8 hours')));
        $samoa = Clock::of(new DateTimeZone('Pacific/Pago_Pago'), new DateTimeImmutable('2028-07-22T04:15:00Z'));
        self::assertSame(['17:15:30', '04:15:30 on 22 Jul'], [$samoa->second($moment), $samoa->utc($moment)]);
    }

    public function testAcrossMidnightEveryTimeHasItsDate(): void
    {
        $first = new DateTimeImmutable('2026-08-12T21:40:00Z');
        $last = new DateTimeImmutable('2026-08-12T22:20:00Z');
        $clock = Clock::during(new DateTimeZone('Europe/Madrid'), $first, $last);
        self::assertSame(['23:40 on 12 Aug', '00:20 on 13 Aug'], [$clock->minute($first), $clock->minute($last)]);
        $utc = Clock::during(new DateTimeZone('UTC'), $first, $last);
        self::assertSame(['21:40', '22:20'], [$utc->minute($first), $utc->minute($last)]);
    }

    public function testASecondThatRoundsOverMidnightTakesTheDateAlong(): void
    {
        $clock = Clock::of(new DateTimeZone('UTC'), new DateTimeImmutable('2026-08-12T23:00:00Z'));
        self::assertSame('00:00:00 on 13 Aug', $clock->second(new DateTimeImmutable('2026-08-12T23:59:59.7Z')));
    }

    /** Clocks there went back at 03:00 on 29 October 2028: what is after it carries its own offset. */
    public function testWhereTheClocksChangeBetweenTheOffsetIsWritten(): void
    {
        $clock = Clock::of(new DateTimeZone('Europe/Berlin'), new DateTimeImmutable('2028-10-28T23:30:00Z'));
        self::assertSame('CEST, UTC+2', $clock->zone());
        self::assertSame('02:30:00 UTC+1', $clock->second(new DateTimeImmutable('2028-10-29T01:30:00Z')));
        self::assertSame('02:30:00', $clock->second(new DateTimeImmutable('2028-10-29T00:30:00Z')));
    }
}
