<?php

declare(strict_types=1);

namespace App\Pages\Training;

use App\Domain\Event\EventFacts;
use App\Drawings\Sky\DiscSample;
use App\Text\Clock;
use App\Text\FilterWords;
use KeenShadow\Core\Time\JulianDate;

/** The last minutes before and after totality at a place, second by second, as a device plays them. */
final readonly class DrillPack
{
    private const BEFORE_S = 45;
    private const AFTER_S = 20;
    private const LONGEST_S = 600;

    /**
     * @param int $beginMs since 1970
     * @param list<DiscSample> $samples one a second from the beginning on
     * @param int|null $freeFromMs from when filters may be off; null where they stay on
     * @param string $times the guarded times in words
     */
    private function __construct(
        public int $beginMs,
        public array $samples,
        public ?int $freeFromMs,
        public ?int $freeToMs,
        public string $times,
    ) {}

    public static function of(EventFacts $facts): self
    {
        $filters = $facts->filters();
        $clock = Clock::over($facts->here);
        $middle = $facts->here->circumstances->maximum->time();
        $from = ($filters->off() ?? $middle->modify('-90 seconds'))->modify('-' . self::BEFORE_S . ' seconds');
        $seconds = min(self::LONGEST_S, ($filters->on() ?? $middle->modify('+90 seconds'))->getTimestamp() - $from->getTimestamp() + self::AFTER_S);
        $begin = $from->setTime((int) $from->format('G'), (int) $from->format('i'), (int) $from->format('s'));
        $samples = [];
        for ($i = 0; $i <= $seconds; ++$i) {
            $moment = $begin->modify("+{$i} seconds");
            $samples[] = DiscSample::of($facts->here->at($moment), '', $clock->second($moment));
        }
        $ms = static fn(?float $ut): ?int => $ut === null ? null : (int) round(($ut - JulianDate::UNIX_EPOCH) * 86400000);

        return new self(Clock::ms($begin), $samples, $ms($filters->offUt), $ms($filters->onUt), FilterWords::caution($filters, $clock));
    }

    /** @return array<string, mixed> what the page's script shows */
    public function forScript(): array
    {
        return [
            'begin' => $this->beginMs,
            'samples' => array_map(static fn(DiscSample $sample): array => ['x' => round($sample->x, 4), 'y' => round($sample->y, 4), 'r' => round($sample->ratio, 4), 'o' => round($sample->obscuration, 6), 't' => $sample->time], $this->samples),
            'freeFrom' => $this->freeFromMs,
            'freeTo' => $this->freeToMs,
        ];
    }
}
