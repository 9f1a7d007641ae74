<?php

declare(strict_types=1);

namespace Tests\Feature\Text;

use App\Text\Angles;
use App\Text\Clock;
use App\Text\Durations;
use App\Text\Numbers;
use DateTimeImmutable;
use Tests\TestCase;

final class NumbersTest extends TestCase
{
    public function testWhatIsNotAllIsNeverCalledAHundredPerCent(): void
    {
        self::assertSame(['0.0', '12.3', '99.9', '99.9', '100'], array_map(Numbers::percent(...), [0.0, 0.1234, 0.9994, 0.999999, 1.0]));
    }

    public function testADiameterThatIsNotAllIsNeverCalledOne(): void
    {
        self::assertSame(['0.939', '0.999', '0.999', '1.000', '1.000', '1.008'], array_map(Numbers::magnitude(...), [0.9387, 0.9996, 0.99998, 0.9999999, 1.0, 1.0081]));
        self::assertSame(['0.99', '1.00'], [Numbers::magnitude(0.997, 2), Numbers::magnitude(1.0, 2)]);
    }

    public function testLengthsAreRoundedOnce(): void
    {
        self::assertSame(['0 s', '59 s', '1 min 0 s', '2 min 53 s', '6 min 23 s'], array_map(Durations::toTheSecond(...), [0.2, 59.4, 59.6, 173.05, 382.5]));
    }

    public function testTwoDigitsForWhatIsKnownNoBetter(): void
    {
        $thin = "\u{202F}";
        self::assertSame(['0.00100', '1.00'], [Numbers::about(0.00099999999, 3), Numbers::about(0.9996, 3)]);
        self::assertSame(['0', '0.055', '2.8', '33', '640', "4{$thin}300", "98{$thin}000"], array_map(Numbers::about(...), [0.0, 0.0551, 2.75, 32.7, 643.0, 4298.0, 97650.0]));
    }

    public function testDegreesAndPlaces(): void
    {
        self::assertSame(['−3.0°', '0.0°', '0.0°', '37.4°'], array_map(Angles::degrees(...), [-2.985, -0.01, 0.0, 37.43]));
        self::assertSame(['0°', '0°', '230°', '359°'], array_map(static fn(float $d): string => Angles::direction($d, 0), [359.7, 0.2, 229.8, 359.4]));
        self::assertSame('36.53° N 6.29° W', Angles::coordinates(36.53, -6.29));
        self::assertSame('33.8688° S 151.2093° E', Angles::coordinates(-33.8688, 151.2093, 4));
    }

    public function testTimesAreRoundedNotCut(): void
    {
        self::assertSame('10:45:26', Clock::nearestSecond(new DateTimeImmutable('2027-08-02T10:45:25.600Z'))->format('H:i:s'));
        self::assertSame('10:45:25', Clock::nearestSecond(new DateTimeImmutable('2027-08-02T10:45:25.400Z'))->format('H:i:s'));
    }
}
