<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Logbook;

use DateTimeImmutable;
use KeenShadow\Core\Logbook\Eyes\Reminders;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** 12, 24 and 48 hours after it was told, until it is closed, each once (common practice: signs may come hours to two days later). */
final class RemindersTest extends TestCase
{
    /**
     * @param list<int> $made
     * @param list<int> $due
     */
    #[TestWith(['+0 hours', [], []])]
    #[TestWith(['+11 hours 59 minutes', [], []])]
    #[TestWith(['+12 hours', [], [12]])]
    #[TestWith(['+23 hours 59 minutes', [12], []])]
    #[TestWith(['+24 hours', [12], [24]])]
    #[TestWith(['+48 hours', [12, 24], [48]])]
    #[TestWith(['+50 hours', [], [12, 24, 48]])]
    #[TestWith(['+50 hours', [24], [12, 48]])]
    #[TestWith(['+90 days', [12, 24, 48], []])]
    #[TestWith(['-3 days', [], []])]
    public function testWhichAreDue(string $later, array $made, array $due): void
    {
        // Over the end of summer time: hours are hours.
        $told = new DateTimeImmutable('2026-10-24T20:00:00 Europe/Madrid');
        $now = new DateTimeImmutable('2026-10-24T18:00:00Z');
        self::assertSame($due, Reminders::due($told, $now->modify($later), null, $made));
        self::assertSame([], Reminders::due($told, $now->modify($later), $told, $made), 'closed');
    }
}
