<?php

declare(strict_types=1);

namespace App\Pages\RunSheet;

use App\Text\Clock;
use App\Text\CueWords;
use App\Text\FilterWords;
use App\Text\Numbers;
use KeenShadow\Core\RunSheet\Cues\FilterCues;

/** The sum that leads from C2 to filters off, and from C3 to filters on. */
final readonly class FilterSum
{
    /**
     * @param list<array{what: string, seconds: string}> $off
     * @param list<array{what: string, seconds: string}> $on
     */
    private function __construct(
        public string $c2,
        public string $c3,
        public string $offAt,
        public string $warningAt,
        public string $onAt,
        public array $off,
        public array $on,
        public bool $isCut,
    ) {}

    public static function of(FilterCues $cues, Clock $clock): self
    {
        return new self(
            c2: $clock->second($cues->c2),
            c3: $clock->second($cues->c3),
            offAt: FilterWords::notBefore($cues->off, $clock),
            warningAt: FilterWords::notAfter($cues->warning, $clock),
            onAt: FilterWords::notAfter($cues->on, $clock),
            off: self::lines($cues->offSum, '+'),
            on: self::lines($cues->onSum, '−'),
            isCut: $cues->isCut,
        );
    }

    /**
     * @param array<string, float> $sum
     *
     * @return list<array{what: string, seconds: string}>
     */
    private static function lines(array $sum, string $sign): array
    {
        return array_map(static fn(string $part, float $seconds): array => ['what' => CueWords::part($part), 'seconds' => $sign . Numbers::decimal($seconds, 1) . ' s'], array_keys($sum), array_values($sum));
    }
}
