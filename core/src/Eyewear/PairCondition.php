<?php

declare(strict_types=1);

namespace KeenShadow\Core\Eyewear;

use KeenShadow\Core\Rules\Finding;
use KeenShadow\Core\Rules\Level;
use KeenShadow\Core\Rules\Source;
use KeenShadow\Core\Rules\Verdict;

/** One pair, inspected once. */
final class PairCondition
{
    /**
     * @param list<PairFault> $faults what the checker found
     * @param Level $lot how the lot it belongs to stands
     */
    public static function verdict(array $faults, Level $lot): Verdict
    {
        $findings = array_map(static fn(PairFault $fault): Finding => $fault->finding(), $faults);
        if ($lot !== Level::Yes) {
            $findings[] = $lot === Level::No
                ? new Finding(Level::No, 'Its lot is not to be handed out, whatever the pair looks like.', 'Cut through both lenses so that nobody can use it.', Source::CommonPractice)
                : new Finding(Level::Hold, 'Its lot is on hold until the papers are in order.', 'Keep it apart; settle the lot first.', Source::CommonPractice);
        }

        return Verdict::of(EyewearSubject::Pair, $findings, new Finding(
            Level::Yes,
            'Inspected, nothing found.',
            'Use it today; look it over again before the next use.',
            Source::CommonPractice,
        ));
    }
}
