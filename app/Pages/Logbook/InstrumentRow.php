<?php

declare(strict_types=1);

namespace App\Pages\Logbook;

use App\Domain\Logbook\Measured;
use App\Models\Logbook\InstrumentLog;
use App\Text\Clock;
use App\Text\Durations;
use App\Text\LogbookWords;
use App\Text\Numbers;
use DateTimeImmutable;
use KeenShadow\Core\Logbook\Quantity;
use KeenShadow\Core\Logbook\Temperature\Drop;
use KeenShadow\Core\Logbook\Temperature\Worth;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Sky\LocalEclipse;

/** One instrument: what it logged, and what that is worth. */
final readonly class InstrumentRow
{
    /**
     * @param string $what quantities, readings, from when to when
     * @param list<array{name: string, value: string}> $sums how the drop was found
     * @param string $caution where the Sun rose or set while it was logged; empty where it did not
     * @param string $light beside a clear sky; empty where there is none
     */
    private function __construct(
        public InstrumentLog $log,
        public string $what,
        public ?Level $level,
        public string $worth,
        public string $drop,
        public string $why,
        public array $sums,
        public string $caution,
        public string $light,
    ) {}

    public static function of(Measured $measured, LocalEclipse $here): self
    {
        $clock = Clock::over($here);
        $drop = $measured->drop;

        return new self(
            log: $measured->log,
            what: __(':quantities; :count readings from :from to :to', [
                'quantities' => implode(', ', array_map(static fn(string $quantity): string => LogbookWords::quantity(Quantity::from($quantity)), array_keys($measured->curves))),
                'count' => Numbers::decimal($measured->readings), 'from' => $clock->second(self::moment($measured->fromS)), 'to' => $clock->second(self::moment($measured->toS)),
            ]),
            level: $drop === null ? null : self::level($drop->worth()),
            worth: $drop === null ? '' : LogbookWords::worth($drop->worth()),
            drop: $drop === null ? '' : LogbookWords::drop($drop),
            why: $drop === null ? '' : LogbookWords::why($drop),
            sums: $drop === null ? [] : self::sums($drop, $clock),
            caution: $drop === null ? '' : self::caution($measured, $here),
            light: isset($measured->curves[Quantity::Light->value]) ? LogbookWords::light($measured->lightFactor, $measured->clearShare) : '',
        );
    }

    /** A day's course bends where the Sun rises or sets, and no cubic follows. */
    private static function caution(Measured $measured, LocalEclipse $here): string
    {
        foreach ($here->crossings as $crossing) {
            $second = (float) $crossing->time->format('U');
            if ($second > $measured->fromS && $second < $measured->toS) {
                return $crossing->isRise ? __('The Sun rose while this was logged: temperature bends there by itself, and the baseline does not know it.') : __('The Sun set while this was logged: temperature bends there by itself, and the baseline does not know it.');
            }
        }

        return '';
    }

    private static function level(Worth $worth): Level
    {
        return match ($worth) {
            Worth::Good => Level::Yes,
            Worth::Poor => Level::Hold,
            Worth::None => Level::No,
        };
    }

    /** @return list<array{name: string, value: string}> */
    private static function sums(Drop $drop, Clock $clock): array
    {
        $minutes = static fn(float $min): string => __(':n min', ['n' => Numbers::decimal($min, 0)]);
        $sums = [
            ['name' => __('Baseline before first contact'), 'value' => $minutes($drop->beforeMin)],
            ['name' => __('Baseline after last contact and recovery'), 'value' => $minutes($drop->afterMin)],
        ];
        if ($drop->rmsK !== null) {
            $sums[] = ['name' => __('Scatter around the baseline'), 'value' => __(':k K', ['k' => Numbers::decimal($drop->rmsK, 2)])];
        }
        if ($drop->minimumAtS !== null && $drop->lagUncertaintyS !== null) {
            $sums[] = ['name' => __('Lowest against the baseline'), 'value' => __(':time ± :s (95 %)', ['time' => $clock->secondAndZone(self::moment($drop->minimumAtS)), 's' => Durations::toTheSecond($drop->lagUncertaintyS)])];
        }

        return $sums;
    }

    private static function moment(float $atS): DateTimeImmutable
    {
        return Clock::ofMs((int) round(1000 * $atS));
    }
}
