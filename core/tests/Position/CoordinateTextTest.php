<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Position;

use KeenShadow\Core\Position\CoordinateText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CoordinateTextTest extends TestCase
{
    /**
     * One place in the usual forms; geo: by RFC 5870, the waypoint by GPX 1.1, the rest common practice.
     *
     * @return iterable<string, array{string, float, float, float|null}>
     */
    public static function forms(): iterable
    {
        yield 'decimal, blank' => ['36.5272 -6.2925', 36.5272, -6.2925, null];
        yield 'decimal, true minus' => ['36.5272 −6.2925', 36.5272, -6.2925, null];
        yield 'decimal, comma' => ['36.5272, -6.2925', 36.5272, -6.2925, null];
        yield 'decimal, bare comma' => ['36.5272,-6.2925', 36.5272, -6.2925, null];
        yield 'decimal commas' => ['36,5272; -6,2925', 36.5272, -6.2925, null];
        yield 'decimal with letters' => ['36.5272° N, 6.2925° W', 36.5272, -6.2925, null];
        yield 'degrees, minutes, seconds' => ['36°31′38″N 6°17′33″W', 36.52722, -6.2925, null];
        yield 'typewriter signs' => ['36° 31\' 38" N  6° 17\' 33" W', 36.52722, -6.2925, null];
        yield 'letters first' => ['N 36 31.632 W 6 17.55', 36.5272, -6.2925, null];
        yield 'blanks only' => ['36 31 38 S 6 17 33 E', -36.52722, 6.2925, null];
        yield 'Spanish west' => ['36°31′38″N 6°17′33″O', 36.52722, -6.2925, null];
        yield 'geo URI' => ['geo:36.5272,-6.2925', 36.5272, -6.2925, null];
        yield 'geo URI with height and uncertainty' => ['geo:36.5272,-6.2925,12;u=35', 36.5272, -6.2925, 12.0];
        yield 'GPX waypoint' => ['<wpt lat="36.5272" lon="-6.2925"><ele>11.5</ele><name>Sea wall &amp; bench</name></wpt>', 36.5272, -6.2925, 11.5];
        yield 'date line' => ['-16.5 180', -16.5, 180.0, null];
    }

    #[DataProvider('forms')]
    public function testReadsTheUsualForms(string $text, float $lat, float $lon, ?float $height): void
    {
        $found = CoordinateText::parse($text);

        self::assertNotNull($found, $text);
        self::assertEqualsWithDelta($lat, $found->latDeg, 0.0001);
        self::assertEqualsWithDelta($lon, $found->lonDeg, 0.0001);
        self::assertSame($height, $found->heightM);
    }

    public function testKeepsTheNameOfAWaypoint(): void
    {
        self::assertSame('Sea wall & bench', CoordinateText::parse('<wpt lon="1" lat="2"><name>Sea wall &amp; bench</name></wpt>')?->name);
    }

    /** @return iterable<array{string}> */
    public static function others(): iterable
    {
        yield ['Cadiz'];
        yield ['San Juan 2'];
        yield ['95 10'];
        yield ['10 190'];
        yield ['36°61′N 6°W'];
        yield ['geo:100,0'];
        yield [''];
        yield ['36.5'];
        yield ['<trkpt lat="1" lon="2"/>'];
    }

    #[DataProvider('others')]
    public function testLeavesOtherTextAlone(string $text): void
    {
        self::assertNull(CoordinateText::parse($text));
    }
}
