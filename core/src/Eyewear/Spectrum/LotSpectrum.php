<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Spectrum;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;

/**
 * All scans of a lot: each held against the clauses; those that bear one name are of one pair, whose right and left lens are held against
 * each other, and the places of one lens among themselves. It screens and does not certify.
 */
final readonly class LotSpectrum
{
    /** @param list<array{name: string, lens: Lens, scan: Scan}> $scans */
    public function __construct(private array $scans) {}

    /** @return list<array{name: string, ratio: float, outcome: Outcome}> by pair: luminous transmittance of the lighter lens over that of the darker, of several places the mean */
    public function rightLeft(): array
    {
        $found = [];
        foreach (array_unique(array_column($this->scans, 'name')) as $name) {
            [$right, $left] = array_map(fn(Lens $lens): array => $this->luminous($name, $lens), [Lens::Right, Lens::Left]);
            if ($right !== [] && $left !== []) {
                $means = [array_sum($right) / count($right), array_sum($left) / count($left)];
                $ratio = max($means) / min($means);
                $found[] = ['name' => $name, 'ratio' => $ratio, 'outcome' => Clause::exceeds($ratio, Clause::MOST_RIGHT_LEFT) ? Outcome::NotMet : Outcome::Met];
            }
        }

        return $found;
    }

    /** @return list<array{name: string, lens: Lens, ratio: float, outcome: Outcome}> by lens that was scanned in several places: the lightest over the darkest */
    public function evenness(): array
    {
        $found = [];
        foreach (array_unique(array_column($this->scans, 'name')) as $name) {
            foreach (Lens::cases() as $lens) {
                $places = $this->luminous($name, $lens);
                if (count($places) > 1) {
                    $ratio = max($places) / min($places);
                    $found[] = ['name' => $name, 'lens' => $lens, 'ratio' => $ratio, 'outcome' => Clause::exceeds($ratio, Clause::MOST_UNEVEN) ? Outcome::NotMet : Outcome::Met];
                }
            }
        }

        return $found;
    }

    /** @return list<Finding> what the scans have against the lot */
    public function findings(): array
    {
        $each = array_map(static fn(array $scan): ?Finding => Assessment::of($scan['scan'])->finding(), $this->scans);
        $differ = in_array(Outcome::NotMet, array_column($this->rightLeft(), 'outcome'), true)
            ? new Finding(Level::No, 'The right and the left lens of a pair differ by more than 20 %.', 'Do not use them for the Sun; cut through the lenses.', Source::Iso12312, rule: 'papers-in-order') : null;
        $uneven = in_array(Outcome::NotMet, array_column($this->evenness(), 'outcome'), true)
            ? new Finding(Level::No, 'A lens is uneven: from place to place it differs by more than 10 %.', 'Do not use them for the Sun; cut through the lenses.', Source::Iso12312, rule: 'papers-in-order') : null;

        return array_values(array_filter([...$each, $differ, $uneven]));
    }

    /** @return list<float> luminous transmittances of the places of a lens, where they are known and something comes through */
    private function luminous(string $name, Lens $lens): array
    {
        $of = array_filter($this->scans, static fn(array $scan): bool => $scan['name'] === $name && $scan['lens'] === $lens);

        return array_values(array_filter(array_map(static fn(array $scan): ?float => $scan['scan']->luminous(), $of), static fn(?float $luminous): bool => $luminous !== null && $luminous > 0.0));
    }
}
