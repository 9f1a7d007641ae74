<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Spectrum;

use KeenShadow\Core\Eyewear\ScanException;

/**
 * What a spectrophotometer read through one lens: the transmittance at every whole nanometre that it reached, by straight
 * lines between its readings. Where two readings are too far apart there is nothing between them.
 */
final readonly class Scan
{
    /** A step wider than this is a gap. */
    public const WIDEST_STEP_NM = 20.0;
    /** A reading so little below nothing is the instrument's noise (own judgement). */
    public const NOISE = 0.0005;
    /** So much more than all the light an optical density may say for the same reason. */
    private const DENSITY_NOISE = 0.01;
    /** No wavelength is shorter: what is, is given in micrometres. */
    private const SHORTEST_NM = 100.0;
    private const SAME = 1e-6;

    /** @param array<int, float> $fractions by nanometre */
    private function __construct(public array $fractions) {}

    /**
     * @param array<int, array{float, float}> $readings wavelength in nm and the reading, by the line where it stands, in any order
     *
     * @throws ScanException
     */
    public static function of(ScanUnit $unit, array $readings): self
    {
        $at = [];
        foreach ($readings as $line => [$nm, $reading]) {
            $fraction = self::checked($line, $nm, $unit, $reading);
            $key = (string) $nm;
            if (isset($at[$key]) && abs($at[$key][1] - $fraction) > self::SAME * max(abs($fraction), abs($at[$key][1]))) {
                throw ScanException::disagree($line, $at[$key][2], $nm);
            }
            $at[$key] ??= [$nm, $fraction, $line];
        }
        if ($at === []) {
            throw ScanException::noReadings();
        }
        usort($at, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return new self(self::atWholeNanometres($at));
    }

    /** Whether it reaches all of a band, without a gap. */
    public function covers(Band $band): bool
    {
        for ($nm = $band->fromNm(); $nm <= $band->toNm(); ++$nm) {
            if (!isset($this->fractions[$nm])) {
                return false;
            }
        }

        return true;
    }

    /** @return array{mean: float, least: float, most: float}|null over equal steps of 1 nm; null where the band is not covered */
    public function over(Band $band): ?array
    {
        if (!$this->covers($band)) {
            return null;
        }
        $values = array_map(fn(int $nm): float => $this->fractions[$nm], range($band->fromNm(), $band->toNm()));

        return ['mean' => max(0.0, array_sum($values) / count($values)), 'least' => max(0.0, min($values)), 'most' => max(0.0, max($values))];
    }

    /** Mean over a band, weighted with the spectrum of the Sun; null where the band is not covered. */
    public function weighted(Band $band): ?float
    {
        if (!$this->covers($band)) {
            return null;
        }
        $through = $all = 0.0;
        for ($nm = $band->fromNm(); $nm <= $band->toNm(); ++$nm) {
            $through += Sun::weight($nm) * $this->fractions[$nm];
            $all += Sun::weight($nm);
        }

        return max(0.0, $through / $all);
    }

    /** Luminous transmittance τv = Σ τ·D65·V(λ) / Σ D65·V(λ), from 380 to 780 nm; null where it does not reach. */
    public function luminous(): ?float
    {
        if (!$this->covers(Band::Visible)) {
            return null;
        }
        $through = $all = 0.0;
        for ($nm = Cie::FROM_NM; $nm <= Cie::TO_NM; ++$nm) {
            $weight = Cie::d65($nm) * Cie::v($nm);
            $through += $weight * $this->fractions[$nm];
            $all += $weight;
        }

        return max(0.0, $through / $all);
    }

    /** @throws ScanException */
    private static function checked(int $line, float $nm, ScanUnit $unit, float $reading): float
    {
        $fraction = $unit->fraction($reading);
        if ($nm < self::SHORTEST_NM) {
            throw ScanException::inMicrometres($line, $nm);
        }
        if ($fraction < -self::NOISE || $unit === ScanUnit::OpticalDensity && $fraction > 1 + self::DENSITY_NOISE) {
            throw ScanException::negative($line, $unit->value, $reading);
        }
        if ($fraction > 1 && $unit !== ScanUnit::OpticalDensity) {
            throw ScanException::aboveOne($line, $unit->value, $reading);
        }

        return min(1.0, $fraction);
    }

    /**
     * @param non-empty-list<array{float, float, int}> $readings in order
     *
     * @return array<int, float>
     */
    private static function atWholeNanometres(array $readings): array
    {
        $fractions = [];
        foreach ($readings as $i => [$nm, $fraction]) {
            if (fmod($nm, 1.0) === 0.0) {
                $fractions[(int) $nm] = $fraction;
            }
            [$next, $there] = $readings[$i + 1] ?? [$nm, $fraction];
            if ($next - $nm <= self::WIDEST_STEP_NM) {
                for ($whole = (int) floor($nm) + 1; $whole < $next; ++$whole) {
                    $fractions[$whole] = $fraction + ($there - $fraction) * ($whole - $nm) / ($next - $nm);
                }
            }
        }

        return $fractions;
    }
}
