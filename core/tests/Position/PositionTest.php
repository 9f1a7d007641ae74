<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Position;

use KeenShadow\Core\Position\GpsFix;
use KeenShadow\Core\Position\NmeaException;
use KeenShadow\Core\Position\NmeaSentence;
use KeenShadow\Core\Position\PositionAverage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PositionTest extends TestCase
{
    /** Source: the example sentence of NMEA 0183 that is reprinted everywhere, with its check sum 47. */
    private const EXAMPLE = '$GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*47';

    public function testTheStandardsExample(): void
    {
        $fix = GpsFix::fromGga(NmeaSentence::parse(self::EXAMPLE . "\r\n"));
        self::assertEqualsWithDelta(48.1173, $fix->place->latDeg, 1e-9);
        self::assertEqualsWithDelta(11.516666667, $fix->place->lonDeg, 1e-9);
        self::assertSame([545.4, 1, 8, 0.9, '123519'], [$fix->place->heightM, $fix->quality, $fix->satellites, $fix->hdop, $fix->utc]);
        self::assertSame(self::EXAMPLE, NmeaSentence::write('GPGGA', '123519', '4807.038', 'N', '01131.000', 'E', '1', '08', '0.9', '545.4', 'M', '46.9', 'M', '', ''));
    }

    /** @return array<string, array{string, string}> */
    public static function unusable(): array
    {
        return [
            'a bit fell over' => ['$GPGGA,123519,4807.039,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*47', 'wrong_check_sum'],
            'no sum' => ['$GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,', 'no_sentence'],
            'half a line' => ['07.038,N,01131.000,E,1,08,0.9*47', 'no_sentence'],
            'no fix' => [NmeaSentence::write('GPGGA', '1', '', '', '', '', '0', '00', '99.9', '', 'M', '', 'M', '', ''), 'no_fix'],
            'dead reckoning' => [NmeaSentence::write('GPGGA', '1', '4807.038', 'N', '01131.000', 'E', '6', '00', '1', '', 'M', '', 'M', '', ''), 'not_measured'],
            'minutes beyond 60' => [NmeaSentence::write('GNGGA', '1', '4867.038', 'N', '01131.000', 'E', '1', '05', '1', '', 'M', '', 'M', '', ''), 'no_place'],
            'beyond the pole' => [NmeaSentence::write('GNGGA', '1', '9107.038', 'N', '01131.000', 'E', '1', '05', '1', '', 'M', '', 'M', '', ''), 'no_place'],
        ];
    }

    #[DataProvider('unusable')]
    public function testWhatIsNotUsedIsCounted(string $line, string $reason): void
    {
        $average = new PositionAverage();
        $average->take($line);
        self::assertSame([$reason => 1], $average->refused());
        self::assertNull($average->mean());
    }

    /** Two fixes 2·0.0005′ of latitude apart: the mean lies between, the scatter is 0.93 m·√2 and the dilution says 4.5 m. */
    public function testTheMeanAndItsUncertainty(): void
    {
        $average = new PositionAverage();
        foreach (['3631.7825', '3631.7835'] as $lat) {
            $average->take(NmeaSentence::write('GPGGA', '1', $lat, 'N', '00617.5560', 'W', '1', '07', '0.9', '8.0', 'M', '46.9', 'M', '', ''));
        }
        $average->take('$GPGSV,nothing of ours*00');
        $mean = $average->mean();
        self::assertNotNull($mean);
        self::assertEqualsWithDelta(36 + 31.783 / 60, $mean->place->latDeg, 1e-9);
        self::assertEqualsWithDelta(-(6 + 17.556 / 60), $mean->place->lonDeg, 1e-9);
        self::assertEqualsWithDelta(sqrt(2) * 0.5 * 0.001 / 60 * 110960, $mean->scatterM, 0.01);
        self::assertEqualsWithDelta(4.5, $mean->uncertaintyM, 1e-9);
        self::assertSame([2, 1, 7, 8.0], [$mean->fixes, $mean->quality, $mean->satellites, $mean->place->heightM]);
    }

    public function testAReceiverThatCallsItselfInvalidIsBelieved(): void
    {
        $average = new PositionAverage();
        $average->take(NmeaSentence::write('GPRMC', '123519', 'V', '4807.038', 'N', '01131.000', 'E', '0', '0', '230394', '', ''));
        $average->take(self::EXAMPLE);
        self::assertSame(['called_invalid' => 1], $average->refused());
        $average->take(NmeaSentence::write('GPRMC', '123520', 'A', '4807.038', 'N', '01131.000', 'E', '0', '0', '230394', '', ''));
        $average->take(self::EXAMPLE);
        self::assertSame(1, $average->count());
    }

    public function testASentenceIsAFault(): void
    {
        $this->expectException(NmeaException::class);
        NmeaSentence::parse("\$GPGGA,\u{1F300}*47");
    }
}
