<?php

declare(strict_types=1);

namespace App\Devices\Site;

use KeenShadow\Core\Position\PositionAverage;
use RuntimeException;

/** A device that does not answer; the message is fit for the person who waits for it. */
final class DeviceFault extends RuntimeException
{
    /** @param PositionAverage|null $soFar what was read before */
    private function __construct(
        string $message,
        public readonly ?PositionAverage $soFar = null,
    ) {
        parent::__construct($message);
    }

    public static function notReached(string $host, int $port): self
    {
        return new self(__('No receiver answers at :host, port :port. Is it switched on and set to send NMEA over TCP?', ['host' => $host, 'port' => $port]));
    }

    public static function silent(float $seconds, PositionAverage $soFar): self
    {
        return new self(__('The receiver fell silent for :s s after :n fixes.', ['s' => (int) $seconds, 'n' => $soFar->count()]), $soFar);
    }
}
