<?php

declare(strict_types=1);

namespace App\Console\Commands\Site;

use Illuminate\Console\Command;
use KeenShadow\Core\Geometry\PlanPoint;
use KeenShadow\Core\Position\LocalTangentPlane;
use KeenShadow\Core\Position\NmeaSentence;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A simulated GPS receiver: sends GGA and RMC sentences (NMEA 0183) to whoever connects over TCP on this machine, and can misbehave. */
final class GpsStandIn extends Command
{
    private const FAULTS = ['none', 'checksum', 'nofix', 'silence', 'noise', 'garbage', 'jump'];

    protected $signature = 'devices:gps
        {--port=10110 : TCP port on 127.0.0.1}
        {--lat=36.517246 : true latitude}
        {--lon=-6.278063 : true longitude}
        {--height=6 : metres above the sea}
        {--every=1000 : milliseconds between fixes}
        {--seed=1 : the same seed scatters the same way}
        {--fault=none : none, checksum (every third sum wrong), nofix, silence (after five fixes), noise (30 m), garbage (half lines), jump (500 m away now and then)}';

    protected $description = 'Simulated GPS receiver: NMEA 0183 over TCP on loopback';

    public function handle(): int
    {
        $fault = (string) $this->option('fault');
        if (!in_array($fault, self::FAULTS, true)) {
            $this->error('The fault is one of ' . implode(', ', self::FAULTS) . '.');

            return self::INVALID;
        }
        $server = @stream_socket_server('tcp://127.0.0.1:' . (int) $this->option('port'));
        if ($server === false) {
            $this->error("Port {$this->option('port')} is taken.");

            return self::FAILURE;
        }
        $this->line("Sending to whoever connects to 127.0.0.1:{$this->option('port')}; Ctrl-C stops.");
        $this->serve($server, $fault);
    }

    /** @param resource $server */
    private function serve(mixed $server, string $fault): never
    {
        $frame = new LocalTangentPlane((float) $this->option('lat'), (float) $this->option('lon'));
        $random = new Randomizer(new Mt19937((int) $this->option('seed')));
        /** @var array<int, array{0: resource, 1: int}> $clients with the fixes that each was sent */
        $clients = [];
        for (;;) {
            while (($client = @stream_socket_accept($server, 0.0)) !== false) {
                stream_set_blocking($client, false);
                $clients[] = [$client, 0];
            }
            foreach ($clients as $i => [$client, $sent]) {
                $isSent = $fault === 'silence' && $sent >= 5 || @fwrite($client, $this->sentences($frame, $random, $fault, $sent)) !== false;
                if (!$isSent || feof($client)) {
                    fclose($client);
                    unset($clients[$i]);
                } else {
                    $clients[$i][1] = $sent + 1;
                }
            }
            usleep(1000 * max(1, (int) $this->option('every')));
        }
    }

    private function sentences(LocalTangentPlane $frame, Randomizer $random, string $fault, int $sent): string
    {
        $spread = $fault === 'noise' ? 30.0 : 1.2;
        $away = $fault === 'jump' && $sent % 7 === 6 ? 500.0 : 0.0;
        $place = $frame->toGlobe(new PlanPoint($away + $spread * self::normal($random), $spread * self::normal($random)));
        $clock = gmdate('His');
        $lat = self::angle($place->latDeg, 2, 'N', 'S');
        $lon = self::angle($place->lonDeg, 3, 'E', 'W');
        $hasFix = $fault !== 'nofix';
        $height = sprintf('%.1f', (float) $this->option('height') + 2 * self::normal($random));
        $lines = $hasFix
            ? [
                NmeaSentence::write('GPGGA', $clock, ...$lat, ...$lon, ...['1', '08', '0.9', $height, 'M', '46.0', 'M', '', '']),
                NmeaSentence::write('GPRMC', $clock, 'A', ...$lat, ...$lon, ...['0.0', '0.0', gmdate('dmy'), '', '']),
            ]
            : [
                NmeaSentence::write('GPGGA', $clock, '', '', '', '', '0', '00', '99.9', '', 'M', '', 'M', '', ''),
                NmeaSentence::write('GPRMC', $clock, 'V', '', '', '', '', '', '', gmdate('dmy'), '', ''),
            ];
        if ($fault === 'checksum' && $sent % 3 === 2) {
            $lines = array_map(static fn(string $line): string => substr($line, 0, -2) . sprintf('%02X', hexdec(substr($line, -2)) ^ 0x55), $lines);
        }
        if ($fault === 'garbage') {
            array_unshift($lines, substr($lines[0], 0, 30), "\x00\xff\xfe?");
        }

        return implode("\r\n", $lines) . "\r\n";
    }

    /** @return array{string, string} degrees and minutes run together, and the letter */
    private static function angle(float $degrees, int $digits, string $plus, string $minus): array
    {
        $whole = (int) floor(abs($degrees));

        return [sprintf("%0{$digits}d%07.4f", $whole, min(59.9999, (abs($degrees) - $whole) * 60)), $degrees < 0 ? $minus : $plus];
    }

    /** A normal deviate (Box & Muller, Annals of Mathematical Statistics 29 (1958) 610). */
    private static function normal(Randomizer $random): float
    {
        $even = static fn(): float => $random->getInt(1, 1_000_000) / 1_000_000;

        return sqrt(-2 * log($even())) * cos(2 * M_PI * $even());
    }
}
