<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Logbook;

use KeenShadow\Core\Logbook\LogbookException;
use KeenShadow\Core\Logbook\Observation;
use KeenShadow\Core\Logbook\ObservationKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Beaufort's scale has thirteen degrees, a sky eight eighths (WMO, from memory); the other bounds are slips of the pen. */
final class ObservationTest extends TestCase
{
    /** @return iterable<string, array{ObservationKind, float|null, string, string|null}> null where it is taken */
    public static function lines(): iterable
    {
        yield 'temperature' => [ObservationKind::Temperature, 24.3, '', null];
        yield 'frost' => [ObservationKind::Temperature, -12.0, '', null];
        yield 'Fahrenheit' => [ObservationKind::Temperature, 75.0, '', 'strange_number'];
        yield 'temperature in words' => [ObservationKind::Temperature, null, 'cold', 'no_number'];
        yield 'wind 12' => [ObservationKind::Wind, 12.0, 'hurricane', null];
        yield 'wind 13' => [ObservationKind::Wind, 13.0, '', 'strange_number'];
        yield 'wind by halves' => [ObservationKind::Wind, 2.5, '', 'not_counted'];
        yield 'cloud 8' => [ObservationKind::Cloud, 8.0, '', null];
        yield 'cloud in tenths' => [ObservationKind::Cloud, 9.0, '', 'strange_number'];
        yield 'half a bead' => [ObservationKind::Bead, 1.5, '', 'not_counted'];
        yield 'bead 0' => [ObservationKind::Bead, 0.0, '', 'strange_number'];
        yield 'nobody is there' => [ObservationKind::Visitors, 0.0, '', null];
        yield 'fewer than nobody' => [ObservationKind::Visitors, -1.0, '', 'strange_number'];
        yield 'darkness' => [ObservationKind::Light, 0.0, '', null];
        yield 'no number at all' => [ObservationKind::Light, NAN, '', 'strange_number'];
        yield 'animals' => [ObservationKind::Animals, null, 'swallows land', null];
        yield 'animals without words' => [ObservationKind::Animals, null, '', 'no_words'];
        yield 'which call was late' => [ObservationKind::LateCall, 12.0, '', 'no_words'];
        yield 'a late call' => [ObservationKind::LateCall, 12.0, 'filters on', null];
        yield 'an hour late and more' => [ObservationKind::LateCall, 3601.0, 'filters on', 'strange_number'];
    }

    #[DataProvider('lines')]
    public function testWhatIsTaken(ObservationKind $kind, ?float $value, string $words, ?string $refusal): void
    {
        try {
            $observation = Observation::of($kind, $value, $words);
            self::assertNull($refusal, 'taken');
            self::assertSame([$kind, $value, $words], [$observation->kind, $observation->value, $observation->words]);
        } catch (LogbookException $e) {
            self::assertSame($refusal, $e->reason);
            self::assertSame($refusal === 'no_words' ? 'text' : 'value', $e->field);
        }
    }

    public function testANumberWhereThereIsNoneIsNotKept(): void
    {
        self::assertNull(Observation::of(ObservationKind::Remark, 7.0, 'the first star')->value);
    }
}
