<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Situation;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Verdict;

/** One pair, or one of whatever a lot is of, inspected once. */
final class PairCondition
{
    /**
     * @param list<PairFault> $faults what the checker found
     * @param Level $lot how the lot it belongs to stands
     * @param bool $isForNow whether it was looked over for this occasion, or a later one of the same event
     */
    public static function verdict(array $faults, Level $lot, bool $isForNow): Verdict
    {
        $findings = array_map(static fn(PairFault $fault): Finding => $fault->finding(), $faults);
        if ($faults === [] && !$isForNow) {
            $findings[] = new Finding(Level::Hold, 'It was looked over for another occasion, and not since.', 'Look it over again: a scratch comes in a moment.', Source::CommonPractice, rule: 'inspected-today');
        }
        if ($lot !== Level::Yes) {
            $findings[] = $lot === Level::No
                ? new Finding(Level::No, 'Its lot is not to be handed out, whatever the pair looks like.', 'Cut through the lenses so that nobody can use it.', Source::CommonPractice, rule: 'papers-in-order')
                : new Finding(Level::Hold, 'Its lot is on hold.', 'Keep it apart; settle the lot first.', Source::CommonPractice, rule: 'papers-in-order');
        }

        return Verdict::of(EyewearSubject::Pair, $findings, new Finding(
            Level::Yes,
            'Inspected, nothing found.',
            'Use it today; look it over again before the next use.',
            Source::CommonPractice,
            rule: 'inspected-today',
        ));
    }

    /**
     * Whether it must be looked over for an occasion: it was not yet, and nothing was found before that does not heal.
     *
     * @param list<PairFault> $faults what the last checker found
     */
    public static function isToBeLookedOver(array $faults, bool $isForNow): bool
    {
        return !$isForNow && array_filter($faults, static fn(PairFault $fault): bool => !$fault->canBePutRight()) === [];
    }

    /**
     * A look at the Sun through this one, for the rule book to be asked about: what the checker and the papers say of it.
     *
     * @param list<PairFault> $faults
     */
    public static function situation(array $faults, Make $make, Level $lot, bool $isForNow): Situation
    {
        if ($faults === [] && !$isForNow) {
            return self::notInspected($make, $lot);
        }
        $parts = ['flaw' => array_values(array_filter(array_map(static fn(PairFault $fault): ?string => $fault->flaw(), $faults), is_string(...)))];
        $parts['verdict'] = match (self::verdict($faults, $lot, $isForNow)->level) {
            Level::Yes => 'fit',
            Level::Hold => 'hold',
            Level::No => 'withdraw',
        };
        foreach ($faults as $fault) {
            $parts += $fault->inTheBook();
        }

        return Situation::of($parts + ($isForNow ? self::passed($make->kind) : []) + self::notInspected($make, $lot)->told());
    }

    /** The same through one that nobody has looked over yet. */
    public static function notInspected(Make $make, Level $lot): Situation
    {
        return Situation::of($make->inTheBook() + ['stacked' => false, 'lot' => match ($lot) {
            Level::Yes => 'in_order',
            Level::Hold => 'in_doubt',
            Level::No => 'refused',
        }]);
    }

    /** @return array<string, mixed> what a checker says of a mounted filter by finding nothing: see its list */
    private static function passed(Kind $kind): array
    {
        return match ($kind) {
            Kind::FrontFilter => ['at' => 'front', 'checked_against_sun' => true, 'fixing' => 'taped', 'finder' => 'capped_both'],
            Kind::SolarBinoculars => ['checked_against_sun' => true],
            default => [],
        };
    }
}
