<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Photo;

use KeenShadow\Core\Photo\FilterDensity;
use KeenShadow\Core\Photo\Frame;
use KeenShadow\Core\Photo\Phase;
use KeenShadow\Core\Photo\PhotoException;
use KeenShadow\Core\Photo\PlanRecord;
use KeenShadow\Core\Photo\Sensor;
use KeenShadow\Core\Photo\Settings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a camera sees of an eclipse, how it is exposed, and how long its shots take. */
final class PlanTest extends TestCase
{
    private const SHOT = ['q' => 7, 'frames' => 10, 'write_s' => 0.5];
    private const LONGER = ['q' => -1.0, 'frames' => 3, 'write_s' => 1];
    private const PLAN = [
        'focal_mm' => 400, 'f_number' => 8, 'iso' => 200, 'pixel_um' => 4, 'sensor_mm' => [36, 24], 'filter_od' => 5,
        'sun_diameter_arcmin' => 31.5, 'totality_s' => 171, 'shots' => [self::SHOT, self::LONGER],
    ];

    /** Source: common practice, the image is from a 109th to a 107th of the focal length; 31′27″ to 32′32″ (Astronomical Almanac; from memory). */
    #[TestWith([31.45, 109.3])]
    #[TestWith([31.54, 109.0])]
    #[TestWith([32.13, 107.0])]
    #[TestWith([32.53, 105.7])]
    public function testTheImageIsAHundredAndNinthOfTheFocalLength(float $arcmin, float $part): void
    {
        foreach ([8.0, 200.0, 2000.0] as $focalMm) {
            self::assertEqualsWithDelta($focalMm / $part, Frame::of($focalMm, Sensor::of(36, 24, 4), $arcmin)->imageMm(), 0.0005 * $focalMm / $part);
        }
    }

    /** Worked by hand: 31.5′ is 0.0091630 of the distance, 15″ 0.000072722; 36 mm at 400 mm span 2·atan(0.045). */
    public function testFiguresWorkedByHand(): void
    {
        $figures = PlanRecord::figures(PlanRecord::read(self::PLAN));
        $hand = ['image_mm' => 3.6652, 'image_px' => 916.3, 'drift_px_per_s' => 7.2722, 'shots_s' => 9.945, 'share_of_totality' => 0.058158];
        foreach ($hand as $name => $value) {
            self::assertIsFloat($figures[$name]);
            self::assertEqualsWithDelta($value, $figures[$name], 1e-4 * $value, $name);
        }
        self::assertIsArray($figures['field_deg']);
        self::assertEqualsWithDelta([5.15314, 3.43672], $figures['field_deg'], 1e-5);
    }

    /** @return iterable<string, array{Phase, int, float}> */
    public static function exposures(): iterable
    {
        // Source: t = N²/(ISO·2^Q) with the Q of each phase (Espenak; from memory), worked by hand for f/8 and ISO 100: 0.64 s by 2^Q.
        yield 'partial, density 5' => [Phase::Partial, 5, 1 / 400];
        yield 'partial, density 4' => [Phase::Partial, 4, 1 / 3200];
        $inTotality = ['beads' => 1 / 6400, 'chromosphere' => 1 / 3200, 'prominences' => 1 / 800, 'corona_0_1' => 1 / 200, 'corona_0_2' => 1 / 50, 'corona_0_5' => 0.08, 'corona_1' => 0.32, 'corona_2' => 0.64, 'corona_4' => 1.28, 'corona_8' => 5.12];
        foreach ($inTotality as $phase => $seconds) {
            yield $phase => [Phase::from($phase), 5, $seconds];
        }
    }

    #[DataProvider('exposures')]
    public function testExposuresOfEachPhase(Phase $phase, int $density, float $seconds): void
    {
        $plan = PlanRecord::read(['iso' => 100, 'filter_od' => $density] + self::PLAN);
        self::assertEqualsWithDelta($seconds, $plan->exposureS($phase), 1e-9);
    }

    /** Source: common practice, 1/250 s at ISO 100 behind a filter made for the eye; here at f/10, within a third of a stop. */
    public function testBehindAVisualFilter(): void
    {
        self::assertLessThan(1 / 3, abs(log(250 * Settings::of(10, 100)->seconds(Phase::Partial->q(FilterDensity::Five)), 2)));
    }

    /** Twice the ISO or one more of Q halves, twice the f-number takes four times as long. */
    public function testExposuresGoByStops(): void
    {
        $seconds = Settings::of(5.6, 400)->seconds(2.5);
        self::assertEqualsWithDelta($seconds / 2, Settings::of(5.6, 800)->seconds(2.5), 1e-12);
        self::assertEqualsWithDelta($seconds / 2, Settings::of(5.6, 400)->seconds(3.5), 1e-12);
        self::assertEqualsWithDelta(4 * $seconds, Settings::of(11.2, 400)->seconds(2.5), 1e-12);
    }

    /** Ten of 0.0025 and 0.5 s and three of 0.64 and 1 s: 9.945 s. */
    #[TestWith([171.0, 0.05816, false])]
    #[TestWith([19.9, 0.49975, false])]
    #[TestWith([19.8, 0.50227, true])]
    #[TestWith([12.0, 0.82875, true])]
    #[TestWith([0.0, null, true])]
    public function testMoreThanHalfOfTotalityIsTooMuch(float $totalityS, ?float $share, bool $isTooMuch): void
    {
        $plan = PlanRecord::read(['totality_s' => $totalityS] + self::PLAN);
        self::assertSame($isTooMuch, $plan->isTooMuch());
        $share === null ? self::assertNull($plan->shareOfTotality()) : self::assertEqualsWithDelta($share, $plan->shareOfTotality(), 1e-4);
        $none = PlanRecord::read(['totality_s' => $totalityS, 'shots' => []] + self::PLAN);
        self::assertSame([0.0, false], [$none->shotsS(), $none->isTooMuch()]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function nonsense(): iterable
    {
        foreach (array_keys(self::PLAN) as $key) {
            yield "no {$key}" => [[$key => null], $key, 'missing'];
            yield "a text for {$key}" => [[$key => '7'], $key, ['sensor_mm' => 'not_width_and_height', 'shots' => 'not_a_list_of_shots'][$key] ?? 'not_a_number'];
        }
        foreach (['focal_mm' => [0, -1, 1e9], 'f_number' => [0, NAN], 'iso' => [0, INF], 'pixel_um' => [0, 1000], 'sun_diameter_arcmin' => [0, 320], 'totality_s' => [-1, 481]] as $key => $values) {
            foreach ($values as $value) {
                yield "{$key} of {$value}" => [[$key => $value], $key, 'out_of_range'];
            }
        }
        yield 'a filter for nothing' => [['filter_od' => 3], 'filter_od', 'no_such_filter'];
        yield 'half a density' => [['filter_od' => 4.5], 'filter_od', 'no_such_filter'];
        yield 'one side' => [['sensor_mm' => [36]], 'sensor_mm', 'not_width_and_height'];
        yield 'sides by name' => [['sensor_mm' => ['w' => 36, 'h' => 24]], 'sensor_mm', 'not_width_and_height'];
        yield 'a side of nothing' => [['sensor_mm' => [36, 0]], 'sensor_mm[1]', 'out_of_range'];
        yield 'true is no side' => [['sensor_mm' => [true, 24]], 'sensor_mm[0]', 'not_a_number'];
        yield 'no shot' => [['shots' => [7]], 'shots[0]', 'not_a_shot'];
        yield 'a shot as a list' => [['shots' => [[7, 1, 0]]], 'shots[0]', 'not_a_shot'];
        yield 'a shot of nothing' => [['shots' => [[]]], 'shots[0].frames', 'missing'];
        foreach ([['q', 'x', 'not_a_number'], ['q', 21, 'out_of_range'], ['frames', 0, 'out_of_range'], ['frames', 2.5, 'not_whole'], ['write_s', -1, 'out_of_range'], ['write_s', false, 'not_a_number']] as [$key, $value, $reason]) {
            yield "a shot's {$key} of " . json_encode($value) => [['shots' => [self::SHOT, [$key => $value] + self::LONGER]], "shots[1].{$key}", $reason];
        }
        yield 'too many' => [['shots' => array_fill(0, 1001, self::SHOT)], 'shots', 'not_a_list_of_shots'];
    }

    /** @param array<string, mixed> $wrong */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedAtItsPlace(array $wrong, string $field, string $reason): void
    {
        try {
            PlanRecord::read($wrong + self::PLAN);
            self::fail('taken');
        } catch (PhotoException $e) {
            self::assertSame([$field, $reason], [$e->field, $e->reason]);
        }
    }

    public function testOtherKeysSayNothing(): void
    {
        self::assertSame(['name', 'shots[1].card'], PlanRecord::passedOver(['name' => 'A', 'shots' => [self::SHOT, ['card' => 1] + self::LONGER]] + self::PLAN));
    }
}
