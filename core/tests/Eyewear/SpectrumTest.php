<?php

declare(strict_types=1);

namespace KeenShadow\Core\Tests\Eyewear;

use KeenShadow\Core\Eyewear\ScanException;
use KeenShadow\Core\Eyewear\Spectrum\Assessment;
use KeenShadow\Core\Eyewear\Spectrum\Band;
use KeenShadow\Core\Eyewear\Spectrum\Cie;
use KeenShadow\Core\Eyewear\Spectrum\ClauseResult;
use KeenShadow\Core\Eyewear\Spectrum\Lens;
use KeenShadow\Core\Eyewear\Spectrum\LotSpectrum;
use KeenShadow\Core\Eyewear\Spectrum\Outcome;
use KeenShadow\Core\Eyewear\Spectrum\Scan;
use KeenShadow\Core\Eyewear\Spectrum\ScanUnit;
use KeenShadow\Core\Eyewear\Spectrum\Sun;
use KeenShadow\Core\Rules\Finding;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A scan held against ISO 12312-2:2015. Sources: limits from memory; V(λ) and D65 after CIE 15 as Debian's colord-data has them
 * (reference/make_reference.py); ∫V(λ)dλ = 106.86 nm (CIE); shade numbers after EN 169:2002.
 */
final class SpectrumTest extends TestCase
{
    public function testTheEyeAndTheDaylightAreThoseOfTheCie(): void
    {
        $rows = array_map(static fn(string $line): array => str_getcsv($line, escape: ''), explode("\n", trim((string) file_get_contents(__DIR__ . '/reference/cie.csv'))));
        self::assertCount(82, $rows);
        $area = 0.0;
        foreach (array_slice($rows, 1) as [$nm, $v, $d65, $built]) {
            self::assertEqualsWithDelta((float) $v, Cie::v((int) $nm), 2e-7 + 1e-6 * (float) $v, "V({$nm})");
            self::assertEqualsWithDelta((float) $d65, Cie::d65((int) $nm), 0.00006, "D65({$nm})");
            // The daylight components give the same within the rounding of their weights.
            self::assertEqualsWithDelta((float) $built, Cie::d65((int) $nm), 0.25, "D65({$nm}) from S0, S1, S2");
        }
        for ($nm = Cie::FROM_NM; $nm <= Cie::TO_NM; ++$nm) {
            $area += Cie::v($nm);
        }
        self::assertEqualsWithDelta(106.86, $area, 0.02);
        self::assertSame([1.0, 100.0], [Cie::v(555), Cie::d65(560)]);
    }

    /** Whatever the illuminant, a flat filter's τv is its τ; OD 5 is shade 12.67. */
    public function testAFlatFilter(): void
    {
        foreach ([1e-7, 1e-5, 0.5] as $tau) {
            self::assertEqualsWithDelta($tau, self::flat($tau)->luminous(), 1e-12 * $tau + 1e-18);
        }
        $assessment = Assessment::of(self::flat(1e-5));
        self::assertEqualsWithDelta(5.0, $assessment->opticalDensity(), 1e-9);
        self::assertEqualsWithDelta(12.667, $assessment->shade(), 0.001);
        self::assertNull(Assessment::of(self::flat(0.0))->shade());
    }

    /** A filter that lets through one line of light is weighted with that line: Σ over a triangle 2 nm wide. */
    public function testAnotherThanFlatIsWeighted(): void
    {
        $readings = [];
        for ($nm = 380; $nm <= 780; ++$nm) {
            $readings[] = [(float) $nm, $nm === 555 ? 1e-3 : 0.0];
        }
        $weights = array_sum(array_map(static fn(int $nm): float => Cie::v($nm) * Cie::d65($nm), range(380, 780)));
        self::assertEqualsWithDelta(1e-3 * 102.023 / $weights, Scan::of(ScanUnit::Transmittance, $readings)->luminous(), 1e-12);
    }

    /** @return array<string, array{array<int, float>, array<int, float>|null, string, Outcome}> τ from a wavelength on, of the right and the left lens; luminous, uva, uvb, ir, right_left; verdict */
    public static function scans(): array
    {
        $good = [280 => 1e-6, 380 => 1e-5, 781 => 0.01];

        return [
            'a good one' => [$good, null, 'met met met met not_tested', Outcome::Met],
            'two good ones' => [$good, [380 => 1.19e-5] + $good, 'met met met met met', Outcome::Met],
            'left and right differ by more than 20 %' => [$good, [380 => 1.21e-5] + $good, 'met met met met not_met', Outcome::NotMet],
            'fine to the eye, and open to infrared' => [[780 => 0.3, 781 => 0.3] + $good, null, 'met met met not_met not_tested', Outcome::NotMet],
            'infrared that hangs on the weighting' => [[1000 => 0.05] + $good, null, 'met met met undecided not_tested', Outcome::Undecided],
            'infrared just at the limit' => [[781 => 0.03] + $good, null, 'met met met met not_tested', Outcome::Met],
            'only the left is open' => [$good, [780 => 0.3, 781 => 0.3] + $good, 'met met met not_met met', Outcome::NotMet],
            'too light' => [[380 => 3.3e-5] + $good, null, 'not_met met met met not_tested', Outcome::NotMet],
            'the lightest' => [[280 => 3.2e-5], null, 'met met met met not_tested', Outcome::Met],
            'too dark' => [[280 => 3.1e-7], null, 'not_met met met met not_tested', Outcome::NotMet],
            'the darkest' => [[280 => 3.2e-7], null, 'met met met met not_tested', Outcome::Met],
            'more UV-A than light' => [[280 => 1e-6, 315 => 2e-5, 385 => 1e-5, 781 => 0.01], null, 'met not_met undecided met not_tested', Outcome::NotMet],
            'a peak of UV-B' => [[300 => 1e-4, 301 => 1e-6] + $good, null, 'met met undecided met not_tested', Outcome::Undecided],
            'sunglasses' => [[280 => 0.001, 380 => 0.1, 780 => 0.5], null, 'not_met met met not_met not_tested', Outcome::NotMet],
        ];
    }

    /**
     * @param array<int, float> $right
     * @param array<int, float>|null $left
     */
    #[DataProvider('scans')]
    public function testEveryClause(array $right, ?array $left, string $clauses, Outcome $verdict): void
    {
        $assessment = Assessment::of(self::steps($right), $left === null ? null : self::steps($left));
        self::assertSame($clauses, implode(' ', array_map(static fn(Outcome $o): string => $o->value, $assessment->clauses)));
        self::assertSame($verdict, $assessment->verdict);
    }

    /** What is not reached, and what lies in a gap of more than 20 nm, is not tested; what is measured is judged all the same. */
    public function testWhatIsNotReachedIsNotTested(): void
    {
        $outcomes = static fn(int $from, int $to, int $step, int $without = 0): string => implode(' ', array_map(static fn(Outcome $o): string => $o->value, Assessment::of(Scan::of(ScanUnit::OpticalDensity, array_map(static fn(int $nm): array => [(float) $nm, 5.0], array_values(array_filter(range($from, $to, $step), static fn(int $nm): bool => $nm !== $without)))))->clauses));
        self::assertSame('met met met met not_tested', $outcomes(280, 1400, 20));
        self::assertSame('met not_tested not_tested not_tested not_tested', $outcomes(380, 1399, 1));
        self::assertSame('not_tested not_tested not_tested met not_tested', $outcomes(381, 1400, 1), 'without a luminous transmittance ultraviolet has no limit');
        self::assertSame('met met met not_tested not_tested', $outcomes(280, 1400, 20, 1000));
        self::assertSame('met met not_tested met not_tested', $outcomes(281, 1400, 1));
        self::assertSame(Outcome::Undecided, Assessment::of(Scan::of(ScanUnit::OpticalDensity, [[500.0, 5.0]]))->verdict);
        self::assertNull(Scan::of(ScanUnit::OpticalDensity, [[500.0, 5.0]])->over(Band::Uva));
    }

    /** Between two readings runs a straight line, and the order in which they come means nothing. */
    public function testReadingsBetween(): void
    {
        $scan = Scan::of(ScanUnit::TransmittancePercent, [[400.5, 0.3], [380.0, 0.1], [390.0, 0.2], [390.0, 0.2]]);
        self::assertEqualsWithDelta([0.001, 0.0015, 0.002, 0.002 + 0.001 / 10.5], [$scan->fractions[380], $scan->fractions[385], $scan->fractions[390], $scan->fractions[391]], 1e-12);
        self::assertArrayNotHasKey(401, $scan->fractions);
        // Noise below nothing is no error, and what it averages to is never less than nothing.
        self::assertSame(0.0, Scan::of(ScanUnit::Transmittance, array_map(static fn(int $nm): array => [(float) $nm, -1e-6], range(380, 780)))->luminous());
    }

    /** @return array<string, array{ScanUnit, array<int, array{float, float}>, string, int|null}> */
    public static function unreadable(): array
    {
        return [
            'nothing' => [ScanUnit::Transmittance, [], 'no_readings', null],
            'micrometres' => [ScanUnit::Transmittance, [2 => [0.28, 1e-5]], 'in_micrometres', 2],
            'per cent in a column of fractions' => [ScanUnit::Transmittance, [2 => [800.0, 0.9], 3 => [801.0, 1.2]], 'above_one', 3],
            'more than all' => [ScanUnit::TransmittancePercent, [4 => [800.0, 100.1]], 'above_one', 4],
            'below nothing' => [ScanUnit::Transmittance, [5 => [800.0, -0.001]], 'negative', 5],
            'below nothing, in per cent' => [ScanUnit::TransmittancePercent, [5 => [800.0, -0.2]], 'negative', 5],
            'a density below nothing' => [ScanUnit::OpticalDensity, [6 => [800.0, -0.1]], 'negative', 6],
            'two that disagree' => [ScanUnit::OpticalDensity, [7 => [800.0, 5.0], 8 => [800.0, 5.1]], 'disagree', 8],
        ];
    }

    /** @param array<int, array{float, float}> $readings */
    #[DataProvider('unreadable')]
    public function testWhatCannotBeIsRefusedWithItsLine(ScanUnit $unit, array $readings, string $reason, ?int $line): void
    {
        try {
            Scan::of($unit, $readings);
            self::fail('refused');
        } catch (ScanException $e) {
            self::assertSame([$reason, $line], [$e->reason, $e->values['line'] ?? null]);
        }
    }

    /** Planck's law worked by hand: largest at 502.05 nm (Wien, 2.897771955 mm·K over 5772 K); at 1000 nm 0.3725 of that, at 300 nm 0.4186. */
    public function testTheSunIsABlackBody(): void
    {
        self::assertEqualsWithDelta(1.0, Sun::weight(502.05), 1e-6);
        self::assertGreaterThan(max(Sun::weight(500.0), Sun::weight(504.0)), Sun::weight(502.05));
        $ratio = static fn(float $nm): float => (502.0398 / $nm) ** 5 * (exp(4.965114231744276) - 1) / (exp(4.965114231744276 * 502.0398 / $nm) - 1);
        foreach ([300.0, 700.0, 1000.0, 1400.0] as $nm) {
            self::assertEqualsWithDelta($ratio($nm), Sun::weight($nm), 1e-5);
        }
        // A weighted mean lies between the smallest and the largest, and is pulled to where the Sun is stronger.
        $scan = self::steps([280 => 1e-6, 1000 => 0.01]);
        $infrared = $scan->over(Band::Infrared);
        self::assertNotNull($infrared);
        self::assertGreaterThan($infrared['least'], $scan->weighted(Band::Infrared));
        self::assertLessThan($infrared['mean'], $scan->weighted(Band::Infrared));
        self::assertEqualsWithDelta(1e-5, self::flat(1e-5)->weighted(Band::Uva), 1e-15);
        self::assertNull(Scan::of(ScanUnit::OpticalDensity, [[500.0, 5.0]])->weighted(Band::Uva));
    }

    /** Worked by hand: the limit over the largest value; of the luminous transmittance to the nearer limit. */
    public function testMarginsOfEveryClause(): void
    {
        $margins = static fn(Scan $scan): array => array_map(static fn(ClauseResult $r): ?float => $r->margin() === null ? null : round($r->margin(), 6), ClauseResult::of($scan));
        self::assertSame([3.2, 1.0, 10.0, 3.0], $margins(self::steps([280 => 1e-6, 380 => 1e-5, 781 => 0.01])));
        self::assertSame([2.0, 1.0, 1.0, 46875.0], $margins(self::flat(6.4e-7)));
        self::assertSame([0.32, 1.0, 1.0, 300.0], $margins(self::flat(1e-4)));
        self::assertSame([null, null, null, null], $margins(Scan::of(ScanUnit::OpticalDensity, [[500.0, 5.0]])));
        foreach (self::scans() as $name => [$right]) {
            foreach (ClauseResult::of(self::steps($right)) as $result) {
                self::assertSame($result->outcome === Outcome::Met, ($result->margin() ?? 0.0) >= 1 - 1e-9, "{$name} {$result->clause->value}");
            }
        }
    }

    /** Of one pair: right and left within 20 % of the darker, places of a lens within 10 %; what bears another name is another pair. */
    public function testLensesAndPlacesOfAPair(): void
    {
        $of = static fn(string $name, Lens $lens, float $tau): array => ['name' => $name, 'lens' => $lens, 'scan' => self::flat($tau)];
        $rules = static fn(LotSpectrum $spectrum): array => array_map(static fn(Finding $f): string => $f->reason, $spectrum->findings());
        self::assertSame([], $rules(new LotSpectrum([$of('1', Lens::Right, 1e-5), $of('1', Lens::Left, 1.2e-5), $of('2', Lens::Left, 3e-5), $of('1', Lens::Right, 1.1e-5)])));
        self::assertStringContainsString('20 %', implode($rules(new LotSpectrum([$of('1', Lens::Right, 1e-5), $of('1', Lens::Left, 1.21e-5)]))));
        self::assertStringContainsString('10 %', implode($rules(new LotSpectrum([$of('1', Lens::Right, 1e-5), $of('1', Lens::Right, 1.11e-5)]))));
        // The mean of the places of each lens: 1.05 against 1.26.
        self::assertEqualsWithDelta(1.2, (new LotSpectrum([$of('1', Lens::Right, 1e-5), $of('1', Lens::Right, 1.1e-5), $of('1', Lens::Left, 1.26e-5)]))->rightLeft()[0]['ratio'], 1e-12);
        self::assertSame([[], []], [(new LotSpectrum([]))->rightLeft(), (new LotSpectrum([$of('1', Lens::Right, 0.0), $of('1', Lens::Left, 1e-5)]))->rightLeft()]);
    }

    private static function flat(float $tau): Scan
    {
        return self::steps([280 => $tau]);
    }

    /** @param array<int, float> $tau from a wavelength on, to 1400 nm; the visible begins with 380 and ends with 780 */
    private static function steps(array $tau): Scan
    {
        $readings = [];
        $now = 0.0;
        for ($nm = 280; $nm <= 1400; ++$nm) {
            $now = $tau[$nm] ?? $now;
            $readings[] = [(float) $nm, $now];
        }

        return Scan::of(ScanUnit::Transmittance, $readings);
    }
}
