<?php

declare(strict_types=1);

namespace KeenShadow\Core\Position;

/**
 * One sentence of a receiver (NMEA 0183): "$", talker and type, fields between commas, "*" and the check sum, which is
 * the exclusive or of all bytes between the two marks, as two hexadecimal digits.
 */
final readonly class NmeaSentence
{
    /** Longest sentence that the standard allows, from "$" to the line's end; receivers go a little beyond. */
    private const LONGEST = 120;

    /** @param list<string> $fields after the address */
    private function __construct(
        public string $type,
        public array $fields,
    ) {}

    /** @throws NmeaException when it is no sentence or its check sum is missing or wrong */
    public static function parse(string $line): self
    {
        $line = trim($line);
        if (strlen($line) > self::LONGEST || preg_match('/^\$([A-Z]{2})([A-Z]{3}),([^*]*)\*([0-9A-Fa-f]{2})$/', $line, $m) !== 1) {
            throw NmeaException::noSentence();
        }
        if (hexdec($m[4]) !== self::checkSum("{$m[1]}{$m[2]},{$m[3]}")) {
            throw NmeaException::wrongCheckSum();
        }

        return new self($m[2], explode(',', $m[3]));
    }

    /** The whole sentence for an address and its fields. */
    public static function write(string $address, string ...$fields): string
    {
        $body = implode(',', [$address, ...$fields]);

        return sprintf('$%s*%02X', $body, self::checkSum($body));
    }

    public function field(int $index): string
    {
        return $this->fields[$index] ?? '';
    }

    private static function checkSum(string $body): int
    {
        return array_reduce(str_split($body), static fn(int $sum, string $byte): int => $sum ^ ord($byte), 0);
    }
}
