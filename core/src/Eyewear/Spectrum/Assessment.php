<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear\Spectrum;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;

/**
 * One lens, or a pair of them, held against the clauses that a scan can judge. It screens and does not certify.
 *
 * The standard weights ultraviolet and infrared with the spectrum of the Sun. Whatever the weights, the weighted mean lies
 * between the smallest and the largest value in the band: so a clause is met when the largest is within the limit, not met
 * when the smallest exceeds it, and undecided between.
 */
final readonly class Assessment
{
    /**
     * @param array<string, Outcome> $clauses by the clause's value; of two lenses the worse decides
     * @param float|null $rightLeftRatio the larger luminous transmittance over the smaller
     */
    private function __construct(
        public ?float $luminous,
        public array $clauses,
        public ?float $rightLeftRatio,
        public Outcome $verdict,
    ) {}

    public static function of(Scan $right, ?Scan $left = null): self
    {
        $lenses = $left === null ? [$right] : [$right, $left];
        $ratio = $left === null ? null : self::ratio($right->luminous(), $left->luminous());
        $clauses = [
            Clause::Luminous->value => Outcome::worst(...array_map(static fn(Scan $s): Outcome => self::luminous($s->luminous()), $lenses)),
            Clause::Uva->value => Outcome::worst(...array_map(static fn(Scan $s): Outcome => self::within($s->over(Band::Uva), $s->luminous()), $lenses)),
            Clause::Uvb->value => Outcome::worst(...array_map(static fn(Scan $s): Outcome => self::within($s->over(Band::Uvb), $s->luminous()), $lenses)),
            Clause::Infrared->value => Outcome::worst(...array_map(static fn(Scan $s): Outcome => self::within($s->over(Band::Infrared), Clause::MOST_INFRARED), $lenses)),
            Clause::RightLeft->value => match (true) {
                $ratio === null => Outcome::NotTested,
                Clause::exceeds($ratio, Clause::MOST_RIGHT_LEFT) => Outcome::NotMet,
                default => Outcome::Met,
            },
        ];
        $counted = $left === null ? array_diff_key($clauses, [Clause::RightLeft->value => true]) : $clauses;
        $verdict = Outcome::worst(...array_values($counted));

        return new self($right->luminous(), $clauses, $ratio, $verdict === Outcome::NotTested ? Outcome::Undecided : $verdict);
    }

    /** Optical density, −lg τv; null where τv is not known, or nothing comes through. */
    public function opticalDensity(): ?float
    {
        return $this->luminous === null || $this->luminous <= 0.0 ? null : -log10($this->luminous);
    }

    /** Shade number after EN 169, 1 + 7/3 · OD. */
    public function shade(): ?float
    {
        $density = $this->opticalDensity();

        return $density === null ? null : 1 + 7 / 3 * $density;
    }

    /** What it says of the lot; null where nothing speaks against it, or what was not reached. */
    public function finding(): ?Finding
    {
        return match (true) {
            in_array(Outcome::NotMet, $this->clauses, true) => new Finding(Level::No, 'A scan does not meet what ISO 12312-2 asks of a spectrum.', 'Do not use them for the Sun; cut through the lenses.', Source::Iso12312, rule: 'papers-in-order'),
            in_array(Outcome::Undecided, $this->clauses, true) => new Finding(Level::Hold, 'In a scan it hangs on the weighting whether ISO 12312-2 is met.', 'Ask a laboratory for the weighted values.', Source::Iso12312, rule: 'papers-in-order'),
            default => null,
        };
    }

    private static function luminous(?float $luminous): Outcome
    {
        return $luminous === null ? Outcome::NotTested : Clause::ofLuminous($luminous, $luminous);
    }

    /** @param array{mean: float, least: float, most: float}|null $band */
    private static function within(?array $band, ?float $limit): Outcome
    {
        return match (true) {
            $band === null, $limit === null => Outcome::NotTested,
            !Clause::exceeds($band['most'], $limit) => Outcome::Met,
            Clause::exceeds($band['least'], $limit) => Outcome::NotMet,
            default => Outcome::Undecided,
        };
    }

    private static function ratio(?float $one, ?float $other): ?float
    {
        return $one === null || $other === null || min($one, $other) <= 0.0 ? null : max($one, $other) / min($one, $other);
    }
}
