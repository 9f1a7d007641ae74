<?php

declare(strict_types=1);

namespace Tests\Feature\Imports;

use App\Imports\ImportFaults;
use App\Imports\Site\HorizonFile;
use App\Imports\Site\OutlineFile;
use App\Imports\Sky\PlaceFile;
use App\Text\HorizonText;
use App\Text\PlainText;
use App\Text\PlanPointsText;
use KeenShadow\Core\Position\CoordinateText;
use KeenShadow\Core\Position\LocalTangentPlane;
use KeenShadow\Core\Position\PositionAverage;
use KeenShadow\Core\Site\Plan\SitePlan;
use KeenShadow\Core\Site\Plan\ThingKind;
use KeenShadow\Core\Site\SiteException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Files and texts with something broken in them, the same in every run: what is not read is refused in words, nothing else. */
final class FuzzReadersTest extends TestCase
{
    private const ROUNDS = 1200;
    private const SAMPLES = [
        "name,lat,lon,height_m\nCadiz,36.53,-6.29,10\n\"Luxor, temple\",25.7,32.64,80\n",
        "azimuth;altitude\r\n215;0,6\r\n230;1,1\r\n",
        '<?xml version="1.0"?><gpx version="1.1"><wpt lat="36.53" lon="-6.29"><ele>10</ele><name>Cadiz</name><desc>height_m=9</desc></wpt><trk><name>T</name><trkseg><trkpt lat="36.5297" lon="-6.2926"/><trkpt lat="36.5298" lon="-6.2927"/></trkseg></trk></gpx>',
        '<kml><Document><Placemark><name>Yard</name><Polygon><outerBoundaryIs><LinearRing><coordinates>-6.2926,36.5297 -6.2927,36.5297 -6.2927,36.5298 -6.2926,36.5297</coordinates></LinearRing></outerBoundaryIs></Polygon></Placemark></Document></kml>',
        '{"type":"FeatureCollection","features":[{"type":"Feature","properties":{"name":"Hall","kind":"building","height_m":4},"geometry":{"type":"Polygon","coordinates":[[[-6.2926,36.5297],[-6.2927,36.5297],[-6.2927,36.5298],[-6.2926,36.5297]]]}}]}',
        "\$GPGGA,101010.00,3631.0348,N,00616.6838,W,1,09,0.9,6.0,M,45.0,M,,*5A\r\n",
        '36°31′47″N 6°17′33″W',
        "0 0; 12 0; 12 8",
        "215 0,5\n230; 1.5\n245, 2",
    ];
    private const BITS = ["\0", "\xFF", "\xC3", '"', "'", '<', '>', '&', ']]>', '<!--', '<![CDATA[', '{', '[', '}', ']', ',', ';', "\n", "\r", "\t", '-', '1e999', 'NaN', '999999999999999999', '°', '−', "\u{FEFF}", "\u{FFFE}", '<a/>', '<wpt lat="1" lon="2">', 'null', '""'];

    /** @return array<string, array{callable(string, string): mixed}> reads a file's path, or its content */
    public static function readers(): array
    {
        $plane = new LocalTangentPlane(36.5297, -6.2926);

        return [
            'a list of places' => [static fn(string $path): array => PlaceFile::read($path)],
            'outlines' => [static fn(string $path): SitePlan => OutlineFile::addTo(SitePlan::blank(), $path, $plane, ThingKind::Building)],
            'a horizon' => [static fn(string $path): mixed => HorizonFile::read($path)],
            'a position as written' => [static fn(string $path, string $text): mixed => CoordinateText::parse(PlainText::ofLines($text))],
            'points as typed' => [static fn(string $path, string $text): mixed => PlanPointsText::read(PlainText::ofLines($text))],
            'a horizon as typed' => [static fn(string $path, string $text): mixed => HorizonText::read(PlainText::ofLines($text))],
            'what a receiver sends' => [static function (string $path, string $text): mixed {
                $average = new PositionAverage();
                foreach (explode("\n", $text) as $line) {
                    $average->take($line);
                }

                return $average->mean();
            }],
        ];
    }

    /** @param callable(string, string): mixed $read */
    #[DataProvider('readers')]
    public function testWhatIsBrokenIsRefusedInWords(callable $read): void
    {
        mt_srand(20270802);
        $path = (string) tempnam(sys_get_temp_dir(), 'fuzz');
        [$refused, $taken] = [0, 0];
        for ($i = 0; $i < self::ROUNDS; ++$i) {
            $bytes = self::broken(self::SAMPLES[mt_rand(0, count(self::SAMPLES) - 1)]);
            file_put_contents($path, $bytes);
            try {
                $read($path, $bytes);
                ++$taken;
            } catch (ImportFaults $faults) {
                ++$refused;
                foreach ($faults->faults as $fault) {
                    self::assertTrue(mb_check_encoding($fault, 'UTF-8') && mb_strlen($fault) < 700, $fault);
                }
            } catch (SiteException) {
                ++$refused;
            }
        }
        unlink($path);
        self::assertSame(self::ROUNDS, $refused + $taken);
    }

    private static function broken(string $bytes): string
    {
        for ($n = mt_rand(0, 3); $n > 0 && $bytes !== ''; --$n) {
            $at = mt_rand(0, strlen($bytes) - 1);
            $length = mt_rand(1, 30);
            $part = substr($bytes, $at, $length);
            $bytes = match (mt_rand(0, 4)) {
                0 => substr($bytes, 0, $at) . substr($bytes, $at + $length),
                1 => substr($bytes, 0, $at) . self::BITS[mt_rand(0, count(self::BITS) - 1)] . substr($bytes, $at),
                2 => substr($bytes, 0, $at) . str_repeat($part, mt_rand(2, 60)) . substr($bytes, $at),
                3 => substr($bytes, 0, $at) . chr(mt_rand(0, 255)) . substr($bytes, $at + 1),
                default => substr($bytes, 0, $at),
            };
        }

        return $bytes;
    }
}
