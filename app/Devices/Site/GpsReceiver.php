<?php

declare(strict_types=1);

namespace App\Devices\Site;

use Closure;
use KeenShadow\Core\Position\PositionAverage;

/** A receiver that sends NMEA 0183 sentences over TCP. */
final readonly class GpsReceiver
{
    private const CONNECT_SECONDS = 3.0;
    /** Without a line for so long the receiver is taken to be silent. */
    private const SILENCE_SECONDS = 5.0;
    private const LONGEST_LINE = 1024;

    public function __construct(
        private string $host,
        private int $port,
    ) {}

    public static function configured(): self
    {
        return new self(config()->string('devices.gps.host'), config()->integer('devices.gps.port'));
    }

    /**
     * Reads for a while.
     *
     * @param Closure(PositionAverage): void $each called about once a second, with what is known so far
     *
     * @throws DeviceFault when it cannot be reached, falls silent before the time is over, or gives no more fixes at its end
     */
    public function read(float $seconds, Closure $each): PositionAverage
    {
        $stream = @stream_socket_client("tcp://{$this->host}:{$this->port}", timeout: self::CONNECT_SECONDS);
        if ($stream === false) {
            throw DeviceFault::notReached($this->host, $this->port);
        }
        try {
            return $this->readFrom($stream, $seconds, $each);
        } finally {
            fclose($stream);
        }
    }

    /**
     * @param resource $stream
     * @param Closure(PositionAverage): void $each
     */
    private function readFrom(mixed $stream, float $seconds, Closure $each): PositionAverage
    {
        stream_set_blocking($stream, false);
        $average = new PositionAverage();
        $end = microtime(true) + $seconds;
        $heard = $told = $fixed = microtime(true);
        $fixes = 0;
        $rest = '';
        while (microtime(true) < $end) {
            $read = [$stream];
            $none = null;
            stream_select($read, $none, $none, 0, 200000);
            $bytes = (string) fread($stream, 4096);
            if ($bytes === '') {
                if (feof($stream) || microtime(true) - $heard > self::SILENCE_SECONDS) {
                    throw DeviceFault::silent(self::SILENCE_SECONDS, $average);
                }
                continue;
            }
            $heard = microtime(true);
            $lines = explode("\n", $rest . $bytes);
            // A line that never ends is no line.
            $rest = substr(array_pop($lines), -self::LONGEST_LINE);
            array_map($average->take(...), array_filter($lines, static fn(string $line): bool => trim($line) !== ''));
            if ($average->count() > $fixes) {
                $fixes = $average->count();
                $fixed = microtime(true);
            }
            if (microtime(true) - $told >= 1.0) {
                $told = microtime(true);
                $each($average);
            }
        }

        // It may have gone on talking of other things, or stopped just before the end.
        $without = microtime(true) - $fixed;
        if ($fixes > 0 && $without > min(self::SILENCE_SECONDS, $seconds / 2)) {
            throw DeviceFault::silent($without, $average);
        }

        return $average;
    }
}
